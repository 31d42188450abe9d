<p><x-icon name="footprints"/><strong>{{ __('rehearsal.strip.title') }}</strong> <span>{{ __('rehearsal.strip.uncounted') }}</span></p>
<a href="{{ route('rehearsal.show', $game) }}?as={{ $asPhone ? 'page' : 'phone' }}">{{ __($asPhone ? 'rehearsal.page' : 'rehearsal.phone') }}</a>
<a href="{{ route('games.show', $game) }}?scene={{ $screen->state->scene }}&amp;rehearsing=1" id="edit-this-scene">{{ __('rehearsal.strip.edit') }}</a>
<a href="{{ route('rehearsal.show', $game) }}?from={{ $screen->state->scene }}">{{ __('rehearsal.strip.anew') }}</a>
<a href="{{ route('rehearsal.show', $game) }}?from={{ $screen->edition->game->start() }}">{{ __('rehearsal.strip.start') }}</a>
