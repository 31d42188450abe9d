<label class="answer-field digits grid min-w-48 flex-[0_1_18rem] gap-1.5">
    <span class="text-small text-quiet">{{ __('play.inputs.digits', ['count' => $input['length']]) }}</span>
    <input name="with" value="{{ is_string($typed) ? $typed : '' }}" inputmode="numeric" autocomplete="off"
        maxlength="{{ $input['length'] }}" size="{{ $input['length'] }}" data-digits="{{ $input['length'] }}"
        aria-describedby="ask-{{ $id }}" class="digits-input">
</label>
<div class="pad" data-pad hidden>
    @foreach ([1, 2, 3, 4, 5, 6, 7, 8, 9, 0] as $digit)
        <button type="button" class="pad-key" data-digit="{{ $digit }}">{{ $digit }}</button>
    @endforeach
    <button type="button" class="pad-key" data-digit="" aria-label="{{ __('play.delete') }}"><x-icon name="delete"/>
    </button>
</div>
