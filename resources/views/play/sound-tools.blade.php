{{-- Sounds, off until they are wanted, and reading aloud: both only where scripts can. --}}
<span class="sound-tools -my-2 flex" data-sound-tools>
    <button type="button" class="film-key" data-sounds aria-pressed="false" title="{{ __('play.sounds.off') }}"
        hidden><x-icon name="volume-2"/><span class="hidden-words">{{ __('play.sounds.off') }}</span></button>
    <button type="button" class="film-key sound-aloud by-script" data-aloud><x-icon name="ear"/><span>{{
        __('play.sounds.aloud')
    }}</span></button>
</span>
