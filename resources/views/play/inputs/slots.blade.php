{{-- So many places, each to be filled from the same list. --}}
<fieldset class="flex basis-full flex-wrap items-end gap-2.5">
    <legend class="mb-1.5 text-small text-quiet">{{ $legend }}</legend>
    @for ($place = 0; $place < $length; $place++)
        <label class="grid gap-1">
            <span class="hidden-words">{{ __('play.inputs.place', ['number' => $place + 1]) }}</span>
            <select name="with[{{ $place }}]" class="min-w-28">
                <option value="">{{ $place + 1 }}</option>
                @foreach ($choices as $value => $words)
                    <option value="{{ $value }}"
                        @selected(is_array($typed) && ($typed[$place] ?? null) === (string) $value)>{{
                        $words
                    }}</option>
                @endforeach
            </select>
        </label>
    @endfor
</fieldset>
