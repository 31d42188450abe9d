@if ($input['bank'] !== [])
    <select name="with[{{ $gap }}]" aria-label="{{ __('play.inputs.gap') }}" class="inline-block w-auto">
        <option value="">…</option>
        @foreach ($input['bank'] as $word)
            <option @selected($filled === $word)>{{ $word }}</option>
        @endforeach
    </select>
@else
    <input name="with[{{ $gap }}]" aria-label="{{ __('play.inputs.gap') }}" autocomplete="off" value="{{ $filled }}"
        class="inline-block w-auto">
@endif
