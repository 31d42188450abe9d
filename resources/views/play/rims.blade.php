@if ($screen->view->satchel !== [])
    <section class="flex flex-wrap items-center gap-3.5" aria-label="{{ __('play.satchel') }}">
        <h2 class="caps">{{ __('play.satchel') }}</h2>
        <ul class="flex flex-wrap gap-2.5" {{ $screen->speaks() }}>
            @foreach ($screen->view->satchel as $token)
                <li class="token flex min-h-[44px] items-center gap-2.5 rounded-board bg-deep px-3.5 py-1.5">
                    @if ($screen->edition->url($token['asset']))
                        <img class="h-[34px]" src="{{ $screen->edition->url($token['asset']) }}" alt="">
                    @endif
                    @if ($token['md'] !== '')
                        <details>
                            <summary class="flex min-h-[32px] items-center">{{ $token['name'] }}</summary>
                            <div class="max-w-88 text-small">{!! $screen->html($token['md']) !!}</div>
                        </details>
                    @else
                        <span>{{ $token['name'] }}</span>
                    @endif
                </li>
            @endforeach
        </ul>
    </section>
@endif
@if ($screen->view->tallies !== [])
    <ul class="tallies ml-auto flex gap-5" aria-label="{{ __('play.stand') }}" {{ $screen->speaks() }}>
        @foreach ($screen->view->tallies as $tally)
            <li>
                <span>{{ $tally['name'] }}</span>
                <strong class="font-code text-[1.2rem]">{{ $tally['value'] }}</strong>
            </li>
        @endforeach
    </ul>
@endif
@if ($screen->edition->credits() !== [])
    <details class="text-note text-(--here-quiet)">
        <summary class="inline-flex min-h-[44px] items-center underline underline-offset-[3px]">{{
            __('play.credits')
        }}</summary>
        <ul>
            @foreach ($screen->edition->credits() as $credit)
                <li>{{ $credit }}</li>
            @endforeach
        </ul>
    </details>
@endif
