<label class="answer-field grid basis-full gap-1.5">
    <span class="text-small text-quiet">{{ __('play.inputs.answer') }}</span>
    <textarea name="with" rows="5" aria-describedby="ask-{{ $id }}">{{ is_string($typed) ? $typed : '' }}</textarea>
</label>
