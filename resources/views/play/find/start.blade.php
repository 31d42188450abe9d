{{-- The cover that is lifted first. --}}
<div class="find-start">
    <div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['start']) !!}</div>
    <form method="post" action="{{ $frame->address }}" class="act">
        @include('play.fields', ['verb' => 'find', 'on' => $thing['id']])
        <button class="button primary">{{ __('play.find.begin') }}</button>
    </form>
</div>
