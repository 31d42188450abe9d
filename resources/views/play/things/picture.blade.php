@if ($screen->edition->url($thing['asset']))
    <img class="picture mx-auto max-h-96 rounded-board" src="{{ $screen->edition->url($thing['asset']) }}"
        alt="{{ $thing['label'] ?: $screen->edition->alt($thing['asset']) }}">
@endif
