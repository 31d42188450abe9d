<label class="answer-field grid max-w-[26rem] min-w-48 flex-1 gap-1.5">
    <span class="text-small text-quiet">{{ __('play.inputs.answer') }}</span>
    <input name="with" value="{{ is_string($typed) ? $typed : '' }}" autocomplete="off" autocapitalize="none"
        spellcheck="false" aria-describedby="ask-{{ $id }}">
</label>
