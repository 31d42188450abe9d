@use('App\Play\FindBoard')
{{-- All boxes are alike: what is right is known where it is judged. One that was found keeps its place. --}}
<form method="post" action="{{ $frame->address }}" class="act find-form">
    @include('play.fields', ['verb' => 'find', 'on' => $thing['id']])
    <input type="hidden" name="with" value="{{ $box['id'] }}">
    <button @class(['find-box', 'is-found' => $box['isFound'], 'is-gone' => $box['isFound'] && $thing['leaves']])
        data-box="{{ $box['id'] }}" @disabled($box['isFound'])
        aria-label="{{ FindBoard::called($box, $place, $screen) }}">
        @if ($screen->edition->url($box['asset']))
            <img src="{{ $screen->edition->url($box['asset']) }}" alt="" draggable="false">
        @endif
        @if ($box['md'] !== '')
            <span class="words {{ isset($size) ? "face-{$size}" : '' }}" {{ $screen->speaks() }}>{!!
                $screen->html($box['md'])
            !!}</span>
        @endif
        @if ($box['isFound'])
            <x-mark verdict="open"/>
        @endif
    </button>
</form>
