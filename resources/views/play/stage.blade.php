{{-- The stage: 1600 × 900 units whatever the window; what is not drawn here stands in the list under it, in spoken order. --}}
<div class="stage-frame" data-stage-frame>
    <svg class="stage" viewBox="0 0 1600 900" role="group" aria-label="{{ $view->scene['title'] }}">
        @if ($view->scene['backdrop']['colour'] ?? null)<rect width="1600" height="900" fill="{{ $view->scene['backdrop']['colour'] }}"/>@else<rect width="1600" height="900" class="stage-ground"/>@endif
        @if ($screen->edition->url($view->scene['backdrop']['asset'] ?? null))
            @php($backdropAlt = $view->scene['backdrop']['alt'] ?: $screen->edition->alt($view->scene['backdrop']['asset']))
            <image href="{{ $screen->edition->url($view->scene['backdrop']['asset']) }}" width="1600" height="900" preserveAspectRatio="xMidYMid slice" @if ($backdropAlt !== '') role="img" aria-label="{{ $backdropAlt }}" @else aria-hidden="true" @endif/>
        @endif
        @foreach ($view->things as $thing)
            @if ($thing['box'])
                @php([$x, $y, $width, $height] = $thing['box'])
                <g @if ($thing['turn']) transform="rotate({{ $thing['turn'] }} {{ $x + $width / 2 }} {{ $y + $height / 2 }})" @endif>
                    @includeFirst(['play.stage.'.$thing['kind'], 'play.stage.other'])
                </g>
            @endif
        @endforeach
    </svg>
</div>
<p class="stage-tools"><button type="button" class="link" data-stage-fit hidden><x-icon name="maximize"/><span>{{ __('play.stage.whole') }}</span></button>
    @if ($frame->isRehearsal)<button type="button" class="link" data-stage-areas aria-pressed="false"><x-icon name="eye"/>{{ __('play.stage.areas') }}</button>@endif
    <button type="button" class="link" data-stage-list aria-expanded="false"><x-icon name="list"/>{{ __('play.stage.list') }}</button></p>
