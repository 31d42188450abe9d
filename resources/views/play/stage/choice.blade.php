@use('App\Play\OnStage')
<foreignObject {{ OnStage::box($thing) }}>
    <form method="post" action="{{ $frame->address }}" class="act stage-act">
        @include('play.fields', ['verb' => 'choose', 'on' => $thing['id']])
        @if ($thing['look'] === 'picture' && $screen->edition->url($thing['asset']))
            <button class="stage-picture" aria-label="{{ $screen->spokenOn($thing) }}"><img
                src="{{ $screen->edition->url($thing['asset']) }}" alt="" draggable="false"></button>
        @elseif ($thing['look'] === 'clear')
            <button class="stage-clear shape-{{ $thing['shape'] }}" {{ OnStage::outline($thing) }}
                aria-label="{{ $screen->spokenOn($thing) }}"></button>
        @else
            <button class="stage-choice"><span {{ $screen->speaks() }}>{!!
                $screen->inline($thing['md']) ?: e($screen->nameOf($thing) ?: __('play.continue'))
            !!}</span>@include('play.marked', ['thing' => ['marked' => null] + $thing])</button>
        @endif
    </form>
</foreignObject>
@if (in_array($thing['marked'] ?? null, ['right', 'wrong'], true))
    <x-mark :verdict="$thing['marked'] === 'right' ? 'open' : 'wrong'" class="stage-done"
        :x="$thing['box'][0] + $thing['box'][2] - 44" :y="$thing['box'][1] - 16" width="60" height="60"/>
@elseif ($thing['visited'] && $thing['look'] !== 'button')
    <svg class="been been-there" x="{{ $thing['box'][0] + $thing['box'][2] - 40 }}" y="{{ $thing['box'][1] - 12 }}"
        width="52" height="52" viewBox="0 0 52 52" role="img" aria-label="{{ __('play.visited') }}">
        <circle cx="26" cy="26" r="25"/>
        <x-icon name="footprints" x="12" y="12" width="28" height="28"/>
    </svg>
@endif
