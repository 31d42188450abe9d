{{-- So many places, each to be filled from the same list. --}}
<div class="flex flex-wrap items-end gap-2.5">
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
</div>
