<div class="words max-w-160" {{ $screen->speaks() }}>{!! $screen->html($thing['md']) !!}</div>
