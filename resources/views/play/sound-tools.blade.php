{{-- Sounds, off until they are wanted, and reading aloud: both only where scripts can. --}}
<span class="sound-tools flex gap-3" data-sound-tools>
    <button type="button" class="link min-h-[44px] text-small" data-sounds aria-pressed="false" hidden><x-icon
        name="volume-2"/><span>{{ __('play.sounds.off') }}</span></button>
    <button type="button" class="link min-h-[44px] text-small" data-aloud aria-pressed="false" hidden><x-icon
        name="audio-lines"/><span>{{ __('play.sounds.aloud') }}</span></button>
</span>
