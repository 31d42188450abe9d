{{-- An answer that was typed when the play was lost from sight: it goes along. --}}
<input type="hidden" name="typed[on]" value="{{ is_string($typed['on']) ? $typed['on'] : '' }}">
@foreach (is_array($typed['with']) ? $typed['with'] : [] as $part => $value)
    <input type="hidden" name="typed[with][{{ $part }}]" value="{{ is_string($value) ? $value : '' }}">
@endforeach
@if (is_string($typed['with']))
    <textarea name="typed[with]" hidden>{{ $typed['with'] }}</textarea>
@endif
