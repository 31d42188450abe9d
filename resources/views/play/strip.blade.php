<p class="mr-auto flex items-center gap-2">
    <x-icon name="footprints"/><strong>{{ __('rehearsal.strip.title') }}</strong>
    <span>{{ __('rehearsal.strip.uncounted') }}</span>
</p>
<a class="link min-h-[40px]" href="{{ route('rehearsal.show', $game) }}?as={{ $asPhone ? 'page' : 'phone' }}">{{
    __($asPhone ? 'rehearsal.page' : 'rehearsal.phone')
}}</a>
<a class="link min-h-[40px]" id="edit-this-scene" href="{{
    route('games.show', [$game, 'scene' => $screen->state->scene, 'rehearsing' => 1])
}}">{{ __('rehearsal.strip.edit') }}</a>
<a class="link min-h-[40px]" href="{{ route('rehearsal.show', [$game, 'from' => $screen->state->scene]) }}">{{
    __('rehearsal.strip.anew')
}}</a>
<a class="link min-h-[40px]" href="{{
    route('rehearsal.show', [$game, 'from' => $screen->edition->game->start()])
}}">{{ __('rehearsal.strip.start') }}</a>
