<div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['md']) !!}</div>
