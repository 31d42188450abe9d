<x-layout.base :title="$screen->title()" page="play" :words="$screen->words()"
    :picture="$screen->backdrop()['url'] ?? null"
    body="player{{ $frame->isRehearsal && ! $isFramed ? ' rehearsal' : '' }}">
    @if ($frame->isRehearsal && ! $isFramed)
        <nav class="rehearsal-strip" id="strip" aria-label="{{ $around['title'] }}" lang="{{ $around['language'] }}">{!!
            $around['strip']
        !!}</nav>
    @endif
    @if (session('status'))
        <p class="notice rehearsal-said" role="status">{{ session('status') }}</p>
    @endif
    <div class="play" id="play" data-address="{{ $frame->address }}" @if ($seq ?? null) data-seq="{{ $seq }}" @endif
        @if ($pulse ?? null) data-pulse="{{ $pulse }}" @endif
        @if ($team ?? null) data-period="{{ App\Play\Team::PERIOD }}" @endif
        @if ($vote ?? null) data-period="{{ App\Play\Voting::PERIOD }}" @endif
        data-language="{{ $screen->edition->game->language() }}">
        @unless ($isOpen)
            <p class="notice" role="status">{{
                __(($isEarly ?? false) ? 'play.refused.run.early' : 'play.refused.run.closed')
            }}</p>
        @endunless
        @if (($left ?? null) !== null)
            <p class="clock" id="clock" data-left="{{ $left }}"><x-icon name="timer"/><span class="hidden-words">{{
                __('play.clock')
            }}</span> <time>{{ \App\View\RunStanding::clock($left) }}</time></p>
        @endif
        @if ($vote ?? null)
            <div id="vote" class="notice" role="status">@include('play.vote')</div>
        @endif
        <div id="nudges" role="status" aria-live="polite"></div>
        @if ($team ?? null)
            <div id="team" class="team-now" role="status">@include('play.team', [
                'game' => $screen->edition->game,
            ])</div>
        @endif
        <div id="scene" class="flex-1">@include('play.scene')</div>
        <div id="rims" class="rims">@include('play.rims')</div>
        @if (($called ?? null) !== null)
            <form method="post" action="{{ $frame->address }}/call" class="call" data-call>
                @foreach ($frame->fields as $field => $value)
                    <input type="hidden" name="{{ $field }}" value="{{ $value }}">
                @endforeach
                <input type="hidden" name="call" value="{{ $called ? 0 : 1 }}">
                <button aria-pressed="{{ $called ? 'true' : 'false' }}"><x-icon name="hand"/><span>{{
                    __($called ? 'play.call.back' : 'play.call.now')
                }}</span></button>
                <p role="status" data-call-said>{{ $called ? __('play.call.called') : '' }}</p>
            </form>
        @endif
        @if ($frame->words)
            @if ($givesReceipts ?? false)
                <p class="mt-4 text-small"><a class="inline-flex min-h-[44px] items-center"
                    href="{{ $frame->address }}/receipt">{{ __('play.receipt.keep') }}</a></p>
            @endif
            <footer class="mt-5 flex flex-wrap items-center justify-between gap-5 border-t-[1.5px] border-deep pt-3
                text-small text-mist">
                <span>{{ $frame->player }}</span>
                <span class="two-words">{{
                    __(($team ?? null) ? 'play.team.other_device' : 'play.other_device')
                }}
                    <strong class="text-paper">{{ $frame->words }}</strong></span>
                <details class="leave max-w-80">
                    <summary class="link inline-flex min-h-[44px] items-center">{{
                        __('play.not_me', ['name' => $frame->player])
                    }}</summary>
                    <form method="post" action="{{ $frame->address }}/leave" class="grid gap-2.5">
                        @foreach ($frame->fields as $field => $value)
                            <input type="hidden" name="{{ $field }}" value="{{ $value }}">
                        @endforeach
                        <p>{{ __('play.leave.help', ['name' => $frame->player, 'words' => $frame->words]) }}</p>
                        <button class="button">{{ __('play.leave.go') }}</button>
                    </form>
                </details>
            </footer>
        @endif
    </div>
    @if ($frame->isRehearsal && ! $isFramed)
        <aside class="backstage" id="backstage" aria-label="{{ $around['behind'] }}"
            lang="{{ $around['language'] }}">{!!
            $around['backstage']
        !!}</aside>
    @endif
    <div id="announce" class="hidden-words" role="status" aria-live="polite"></div>
</x-layout.base>
