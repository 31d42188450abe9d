{{-- Sounds, off until they are wanted, and reading aloud: both only where scripts can. --}}
<span class="sound-tools -my-2 flex" data-sound-tools>
    {{-- Its room is there before its script is: nothing moves when it comes. --}}
    <button type="button" class="film-key invisible" data-sounds aria-pressed="false"
        title="{{ __('play.sounds.off') }}"><x-icon name="volume-x"/><span class="hidden-words">{{
            __('play.sounds.off')
        }}</span></button>
    <button type="button" class="film-key sound-aloud by-script" data-aloud><x-icon name="ear"/><span>{{
        __('play.sounds.aloud')
    }}</span></button>
</span>
