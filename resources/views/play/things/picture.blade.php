@if ($screen->edition->url($thing['asset']))<img class="picture" src="{{ $screen->edition->url($thing['asset']) }}" alt="{{ $thing['label'] ?: $screen->edition->alt($thing['asset']) }}">@endif
