{{-- To begin the rehearsal in this scene, holding what somebody would hold there. --}}
<details class="backstage-begin">
    <summary class="flex min-h-[40px] items-center underline underline-offset-[3px]">
        {{ __('rehearsal.begin') }}
    </summary>
    <form method="post" action="{{ route('rehearsal.begin', $game, false) }}" class="grid gap-1.5 pt-2">
        @csrf
        <input type="hidden" name="from" value="{{ $screen->state->scene }}">
        @foreach ($screen->edition->game->tokens() as $token)
            <label class="tick">
                <input type="checkbox" name="holding[]" value="{{ $token->id }}"
                    @checked($screen->state->holds($token->id))>
                {{ $token->name }}
            </label>
        @endforeach
        @foreach ($screen->edition->game->tallies() as $tally)
            <label>
                {{ $tally->name }}
                <input type="number" step="any" name="tallies[{{ $tally->id }}]" class="min-h-[36px] w-20"
                    value="{{ $screen->state->tally($tally->id) }}">
            </label>
        @endforeach
        <label>
            {{ __('rehearsal.player') }}
            <input name="player" maxlength="40" class="min-h-[36px] w-36" placeholder="{{ __('rehearsal.playerHint') }}"
                value="{{ $screen->state->player === __('play.you') ? '' : $screen->state->player }}">
        </label>
        <label class="tick">
            <input type="checkbox" name="unguarded" value="1"
                @checked(! $backstage->guards)> {{ __('rehearsal.guard') }}
        </label>
        <button class="button justify-self-start">{{ __('rehearsal.beginHere') }}</button>
    </form>
</details>
