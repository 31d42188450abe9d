@use('App\Play\OnStage')
@if (in_array($thing['opens'], ['pull', 'slide'], true))
    @include('play.stage.drawer')
@elseif ($thing['asksFirst'])
    {{-- It opens a panel, where the guess is asked for. --}}
    <foreignObject {{ OnStage::box($thing) }}>
        <a href="#thing-{{ $thing['id'] }}" data-panel="{{ $thing['id'] }}" role="button"
            aria-label="{{ $screen->coverName($thing) }}"
            @class(['stage-cover', 'stage-cover-lifted' => $thing['lifted'], 'stage-cover-link'])>
            @include('play.stage.face', ['face' => $thing['face']])
            @include('play.behind')
        </a>
    </foreignObject>
@else
    <g class="cover-lid" data-cover="{{ $thing['opens'] }}">
        <foreignObject {{ OnStage::box($thing) }}>
            <form method="post" action="{{ $frame->address }}" class="act stage-act">
                @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
                <button @class([
                    'stage-cover',
                    'stage-cover-lifted' => $thing['lifted'],
                    'stage-cover-clear' => $thing['isClear'],
                ])
                    @disabled($thing['lifted'] ? ! $thing['toggle'] : $thing['opens'] === 'lock')
                    aria-expanded="{{ $thing['lifted'] ? 'true' : 'false' }}"
                    aria-label="{{ $screen->coverName($thing) }}">
                    @include('play.stage.face', ['face' => $thing['face']])
                    @include('play.behind')
                </button>
            </form>
        </foreignObject>
    </g>
@endif
