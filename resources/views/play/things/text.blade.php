<div class="words">{!! $screen->html($thing['md']) !!}</div>
