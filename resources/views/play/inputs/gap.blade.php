@if ($input['bank'] !== [])
    <select name="with[{{ $gap }}]" aria-label="{{ __('play.inputs.gap', ['number' => $number]) }}" class="gap-list">
        <option value="">…</option>
        @foreach ($input['bank'] as $word)
            <option @selected($filled === $word)>{{ $word }}</option>
        @endforeach
    </select>
@else
    <input name="with[{{ $gap }}]" aria-label="{{ __('play.inputs.gap', ['number' => $number]) }}" autocomplete="off"
        autocapitalize="none" spellcheck="false" value="{{ $filled }}" class="gap-field">
@endif
