<p><x-icon name="footprints"/><strong>Rehearsal</strong> <span>nothing here is counted</span></p>
<a href="{{ route('rehearsal.show', $game) }}?as={{ $asPhone ? 'page' : 'phone' }}">{{ __($asPhone ? 'rehearsal.page' : 'rehearsal.phone') }}</a>
<a href="{{ route('games.show', $game) }}?scene={{ $screen->state->scene }}&amp;rehearsing=1" id="edit-this-scene">Edit this scene</a>
<a href="{{ route('rehearsal.show', $game) }}?from={{ $screen->state->scene }}">From this scene anew</a>
<a href="{{ route('rehearsal.show', $game) }}?from={{ $screen->edition->game->start() }}">From the start</a>
