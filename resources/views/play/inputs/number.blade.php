<label class="answer-field grid max-w-[26rem] min-w-48 flex-1 gap-1.5">
    <span class="text-small text-quiet">{{ $input['unit']
        ? __('play.inputs.measure', ['unit' => $input['unit']])
        : __('play.inputs.number') }}</span>
    <span class="flex items-center gap-2.5">
        <input name="with" value="{{ is_string($typed) ? $typed : '' }}" inputmode="decimal" autocomplete="off"
            spellcheck="false" aria-describedby="ask-{{ $id }}" data-number>
        @if ($input['unit'])
            <span class="unit font-[650]" aria-hidden="true">{{ $input['unit'] }}</span>
        @endif
        <button type="button" class="letters-too" data-letters aria-pressed="false" aria-label="{{
            __('play.inputs.lettersToo')
        }}" hidden>{{ __('play.inputs.lettersSign') }}</button>
    </span>
</label>
