<div class="answer-field grid basis-full gap-1.5" @if ($input['count'] ?? null) data-input="count" @endif>
    <label class="grid gap-1.5">
        <span class="text-small text-quiet">{{ __('play.inputs.answer') }}</span>
        <textarea name="with" rows="6" aria-describedby="ask-{{ $id }} count-{{ $id }}">{{
            is_string($typed) ? $typed : ''
        }}</textarea>
    </label>
    @if ($input['count'] ?? null)
        <p class="count text-small text-quiet" id="count-{{ $id }}" data-count data-of="{{ $input['count']['of'] }}"
            data-least="{{ $input['count']['min'] ?: '' }}" data-most="{{ $input['count']['max'] ?? '' }}"></p>
    @endif
</div>
