@use('App\Play\OnStage')
<svg class="stage-mosaic" {{ OnStage::box($thing) }} viewBox="0 0 {{ $thing['columns'] }} {{ $thing['rows'] }}"
    role="img" aria-label="{{ $screen->mosaicName($thing) }}">@include('play.mosaic')</svg>
