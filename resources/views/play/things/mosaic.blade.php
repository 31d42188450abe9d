<figure class="mosaic">
    <svg viewBox="0 0 {{ $thing['columns'] }} {{ $thing['rows'] }}" role="img" aria-label="{{
        $screen->mosaicName($thing)
    }}">@include('play.mosaic')</svg>
    <figcaption>{{ __('play.mosaic', ['earned' => $thing['earned'], 'of' => $thing['of']]) }}</figcaption>
</figure>
