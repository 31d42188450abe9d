<label class="answer-field long"><span>{{ __('play.inputs.answer') }}</span><textarea name="with" rows="5" aria-describedby="ask-{{ $id }}">{{ is_string($typed) ? $typed : '' }}</textarea></label>
