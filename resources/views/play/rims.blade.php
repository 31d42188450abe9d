@if ($screen->view->satchel !== [])
    {{-- One row that folds: on a phone it is shut until somebody looks into it. --}}
    <details class="satchel" data-satchel>
        <summary class="satchel-row">
            <x-icon name="backpack"/><span class="caps">{{ __('play.satchel') }}</span>
            <strong class="font-code">{{ count($screen->view->satchel) }}</strong>
            <span class="satchel-new" data-satchel-new></span>
        </summary>
        <ul class="tokens flex flex-wrap gap-2.5" {{ $screen->speaks() }}>
            @foreach ($screen->view->satchel as $token)
                <li data-token="{{ $token['id'] }}"
                    class="token flex min-h-[44px] items-center gap-2.5 rounded-board px-3.5 py-1.5">
                    @if ($screen->edition->url($token['asset']))
                        <img class="h-[34px]" src="{{ $screen->edition->url($token['asset']) }}" alt="">
                    @endif
                    @php($picture = $token['kind'] === 'clue' ? $screen->edition->url($token['asset']) : null)
                    @if ($token['md'] !== '' || $picture !== null)
                        <details>
                            <summary class="flex min-h-[32px] items-center">{{ $token['name'] }}</summary>
                            @if ($picture !== null)
                                <img class="max-h-[60vh] max-w-88" src="{{ $picture }}"
                                    alt="{{ $screen->edition->alt($token['asset']) }}">
                            @endif
                            @if ($token['md'] !== '')
                                <div class="max-w-88 text-small">{!! $screen->html($token['md']) !!}</div>
                            @endif
                        </details>
                    @else
                        <span>{{ $token['name'] }}</span>
                    @endif
                </li>
            @endforeach
        </ul>
    </details>
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
