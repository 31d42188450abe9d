<form method="post" action="{{ $frame->address }}" class="act">
    @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
    @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
        <button class="choice-picture"><img src="{{ $screen->edition->url($thing['asset']) }}" alt="{{ $thing['label'] ?: ($screen->plain($thing['md']) ?: $screen->edition->alt($thing['asset'])) }}">@if ($thing['md'] !== '')<span {{ $screen->speaks() }}>{!! $screen->inline($thing['md']) !!}</span>@endif</button>
    @else
        <button class="choice-button"><span {{ $screen->speaks() }}>{!! $screen->inline($thing['md']) ?: e($thing['label'] ?: __('play.continue')) !!}</span></button>
    @endif
</form>
