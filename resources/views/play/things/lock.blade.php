<div class="lock grid grid-cols-1 gap-3.5 rounded-board border-[1.5px] border-ink bg-white text-ink px-5 py-4.5"
    data-lock="{{ $thing['id'] }}" data-state="{{ $thing['state'] }}" data-wait="{{ $thing['wait'] }}">
    @if ($thing['label'] !== '')
        <h2 class="flex items-center gap-2.5 text-[1.15rem]" {{ $screen->speaks() }}>
            <x-icon :name="$thing['state'] === 'open' ? 'lock-open' : 'lock'"/>{{ $thing['label'] }}
        </h2>
    @endif
    <div class="words ask max-w-160 text-lead" {{ $screen->speaks() }} id="ask-{{ $thing['id'] }}">{!!
        $screen->html($thing['ask'])
    !!}</div>
    @include($thing['state'] === 'open' ? 'play.things.lock-open' : 'play.things.lock-shut', [
        'turnHere' => $frame->turnAt($turn, $thing['id']),
    ])
</div>
