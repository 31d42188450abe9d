@if ($screen->view->satchel !== [])
    @php([$held, $done] = $screen->satchel())
    {{-- One row that folds: on a phone it is shut until somebody looks into it. --}}
    <details class="satchel" data-satchel>
        <summary class="satchel-row">
            <x-icon name="backpack"/><span class="caps">{{ __('play.satchel') }}</span>
            <strong class="tabular-nums">{{ count($held) }}</strong>
            <span class="satchel-new" data-satchel-new></span>
        </summary>
        <ul class="tokens flex flex-wrap gap-2.5" {{ $screen->speaks() }}>
            @foreach ($held as $token)
                @include('play.token')
            @endforeach
            @if ($done !== [])
                <li><details>
                    <summary class="flex min-h-[44px] items-center">{{
                        __('play.put_away', ['count' => count($done)])
                    }}</summary>
                    <ul class="tokens flex flex-wrap gap-2.5">
                        @foreach ($done as $token)
                            @include('play.token')
                        @endforeach
                    </ul>
                </details></li>
            @endif
        </ul>
    </details>
@endif
@if ($screen->view->tallies !== [])
    <ul class="tallies ml-auto flex gap-5" aria-label="{{ __('play.stand') }}" {{ $screen->speaks() }}>
        @foreach ($screen->view->tallies as $tally)
            <li>
                <span>{{ $tally['name'] }}</span>
                <strong class="text-[1.2rem] tabular-nums">{{ $tally['value'] }}</strong>
            </li>
        @endforeach
    </ul>
@endif
