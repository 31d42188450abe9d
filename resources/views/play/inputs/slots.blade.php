{{-- So many places, each to be filled from the same list. --}}
<fieldset class="slots"><legend>{{ $legend }}</legend>
    @for ($place = 0; $place < $length; $place++)
        <label><span class="hidden-words">{{ __('play.inputs.place', ['number' => $place + 1]) }}</span><select name="with[{{ $place }}]"><option value="">{{ $place + 1 }}</option>@foreach ($choices as $value => $words)<option value="{{ $value }}" @selected(is_array($typed) && ($typed[$place] ?? null) === (string) $value)>{{ $words }}</option>@endforeach</select></label>
    @endfor
</fieldset>
