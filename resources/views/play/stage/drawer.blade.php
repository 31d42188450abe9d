@use('App\Play\Drawer')
@php([$drawer, $isBoard] = [Drawer::of($thing), $isBoard ?? false])
@php($slot = 'slot-'.($where ?? 'stage').'-'.$thing['id'])
<g class="drawer drawer-{{ $thing['opens'] }}" data-cover="{{ $thing['opens'] }}"
    data-way="{{ implode(' ', $drawer->way) }}" data-open="{{ $thing['lifted'] ? 1 : 0 }}"
    @if ($thing['toggle'] || $isBoard) data-toggles @endif>
    @if ($thing['opens'] === 'slide')
        <foreignObject {{ Drawer::box($drawer->front) }}>
            <div class="stage-cover drawer-half">@include('play.stage.face', ['face' => $thing['front']])</div>
        </foreignObject>
    @endif
    <clipPath id="{{ $slot }}"><rect {{ Drawer::box($drawer->back) }}/></clipPath>
    <g clip-path="url(#{{ $slot }})">
        <g data-back {{ $thing['opens'] === 'pull' ? $drawer->gone($thing['lifted'] ? 0 : -1) : '' }}>
            <foreignObject {{ Drawer::box($drawer->back) }}>
                <div @class([
                    'stage-cover stage-cover-lifted drawer-back',
                    'stage-cover-clear' => $thing['isClear'],
                ]) aria-live="polite">
                    @if ($thing['lifted'] || $isBoard)
                        @include('play.stage.face', ['face' => $thing['face']])
                        @include('play.behind')
                    @endif
                </div>
            </foreignObject>
        </g>
    </g>
    <g data-moved {{ $drawer->gone($thing['lifted'] ? 1 : 0) }}>
        <foreignObject {{ Drawer::box($drawer->moved) }}>
            @if ($isBoard)
                <div class="stage-act">@include('play.stage.handle', ['type' => 'button'])</div>
            @else
                <form method="post" action="{{ $frame->address }}" class="act stage-act">
                    @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
                    @include('play.stage.handle', ['type' => 'submit'])
                </form>
            @endif
        </foreignObject>
    </g>
</g>
