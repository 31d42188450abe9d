<fieldset class="basis-full">
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.arrows', ['count' => $input['length']]) }}</legend>
    <input name="with" value="{{ is_string($typed) ? $typed : '' }}" maxlength="{{ $input['length'] }}"
        autocapitalize="characters" autocomplete="off" class="digits-input"
            aria-label="{{ __('play.inputs.directions') }}">
</fieldset>
