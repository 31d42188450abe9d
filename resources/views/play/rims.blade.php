@if ($screen->view->satchel !== [])
    <section class="satchel" aria-label="{{ __('play.satchel') }}">
        <h2 class="caps">{{ __('play.satchel') }}</h2>
        <ul {{ $screen->speaks() }}>
            @foreach ($screen->view->satchel as $token)
                <li class="token token-{{ $token['kind'] }}">
                    @if ($screen->edition->url($token['asset']))<img src="{{ $screen->edition->url($token['asset']) }}" alt="">@endif
                    @if ($token['md'] !== '')
                        <details><summary>{{ $token['name'] }}</summary><div class="token-words">{!! $screen->html($token['md']) !!}</div></details>
                    @else
                        <span>{{ $token['name'] }}</span>
                    @endif
                </li>
            @endforeach
        </ul>
    </section>
@endif
@if ($screen->view->tallies !== [])
    <ul class="tallies" aria-label="{{ __('play.stand') }}" {{ $screen->speaks() }}>
        @foreach ($screen->view->tallies as $tally)<li><span>{{ $tally['name'] }}</span> <strong>{{ $tally['value'] }}</strong></li>@endforeach
    </ul>
@endif
@if ($screen->edition->credits() !== [])
    <details class="credits"><summary>{{ __('play.credits') }}</summary><ul>@foreach ($screen->edition->credits() as $credit)<li>{{ $credit }}</li>@endforeach</ul></details>
@endif
