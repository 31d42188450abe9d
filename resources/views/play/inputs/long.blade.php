<label class="answer-field long"><span>Your answer</span><textarea name="with" rows="5" aria-describedby="ask-{{ $id }}">{{ is_string($typed) ? $typed : '' }}</textarea></label>
