<h2 class="caps">{{ __('rehearsal.title') }}</h2>
@if ($backstage->ahead !== [])
    <section class="backstage-ahead">
        <h3>{{ __('rehearsal.ahead') }}</h3>
        <p>{{ $backstage->ahead[0] }}</p>
        <form method="post" action="{{ route('rehearsal.step', $game, false) }}">@csrf<button class="button primary">{{ __('rehearsal.step') }}</button></form>
        @if (count($backstage->ahead) > 1)
            <form method="post" action="{{ route('rehearsal.step', $game, false) }}">@csrf<input type="hidden" name="count" value="{{ count($backstage->ahead) }}"><button class="link">{{ __('rehearsal.all', ['count' => count($backstage->ahead)]) }}</button></form>
        @endif
    </section>
@endif
<section><h3>{{ __('rehearsal.caught') }}</h3><p>{{ $backstage->caught }}</p></section>
<section><h3>{{ __('rehearsal.holds') }}</h3><p>{{ $backstage->holds === [] ? __('rehearsal.nothing') : implode(', ', $backstage->holds) }}</p></section>
@if ($backstage->tallies !== [])
    <section><h3>{{ __('rehearsal.tallies') }}</h3><ul>@foreach ($backstage->tallies as $name => $value)<li>{{ $name }} <strong>{{ $value }}</strong></li>@endforeach</ul></section>
@endif
@if ($backstage->hidden !== [])
    <section><h3>{{ __('rehearsal.hidden') }}</h3><ul>@foreach ($backstage->hidden as $one)<li>{{ $one['thing'] }}: {{ __('rehearsal.shownTo', ['condition' => $one['when']]) }}</li>@endforeach</ul></section>
@endif
<details class="backstage-begin">
    <summary>{{ __('rehearsal.begin') }}</summary>
    <form method="post" action="{{ route('rehearsal.begin', $game, false) }}">
        @csrf
        <input type="hidden" name="from" value="{{ $screen->state->scene }}">
        @foreach ($screen->edition->game->tokens() as $token)
            <label class="tick"><input type="checkbox" name="holding[]" value="{{ $token->id }}" @checked($screen->state->holds($token->id))> {{ $token->name }}</label>
        @endforeach
        @foreach ($screen->edition->game->tallies() as $tally)
            <label class="backstage-tally">{{ $tally->name }} <input type="number" step="any" name="tallies[{{ $tally->id }}]" value="{{ $screen->state->tally($tally->id) }}"></label>
        @endforeach
        <label class="backstage-tally">{{ __('rehearsal.player') }} <input name="player" maxlength="40" class="backstage-player" value="{{ $screen->state->player === __('play.you') ? '' : $screen->state->player }}" placeholder="{{ __('rehearsal.playerHint') }}"></label>
        <label class="tick"><input type="checkbox" name="unguarded" value="1" @checked(! $backstage->guards)> {{ __('rehearsal.guard') }}</label>
        <button class="button">{{ __('rehearsal.beginHere') }}</button>
    </form>
</details>
<section>
    <h3>{{ __('rehearsal.walkthroughs') }}</h3>
    <ul class="backstage-walks">
        @foreach ($backstage->walkthroughs as $id => $name)
            <li>
                <form method="post" action="{{ route('rehearsal.walk', $game, false) }}">@csrf<input type="hidden" name="walkthrough" value="{{ $id }}"><button class="link">{{ __('rehearsal.walk', ['name' => $name]) }}</button></form>
                <form method="post" action="{{ route('rehearsal.forget', $game, false) }}">@csrf<input type="hidden" name="walkthrough" value="{{ $id }}"><button class="mover" aria-label="{{ __('rehearsal.forget', ['name' => $name]) }}"><x-icon name="x"/></button></form>
            </li>
        @endforeach
    </ul>
    @if ($backstage->steps > 0)
        <form method="post" action="{{ route('rehearsal.keep', $game, false) }}" class="backstage-keep">
            @csrf
            <label class="field"><span>{{ __('rehearsal.record') }}</span><input name="name" maxlength="80" placeholder="{{ __('rehearsal.name') }}"></label>
            <button class="button">{{ __('rehearsal.keep') }}</button>
        </form>
    @endif
</section>
