<label class="answer-field grid max-w-[26rem] min-w-48 flex-1 gap-1.5">
    <span class="text-small text-quiet">{{ $input['unit']
        ? __('play.inputs.measure', ['unit' => $input['unit']])
        : __('play.inputs.number') }}</span>
    <span class="flex items-center gap-2.5">
        <input name="with" value="{{ is_string($typed) ? $typed : '' }}" inputmode="text" autocomplete="off"
            spellcheck="false" aria-describedby="ask-{{ $id }}">
        @if ($input['unit'])
            <span class="unit font-[650]" aria-hidden="true">{{ $input['unit'] }}</span>
        @endif
    </span>
</label>
