<fieldset class="gaps"><legend>{{ __('play.inputs.gaps') }}</legend><p>
    @foreach ($input['pieces'] as $piece)
        @isset($piece['gap'])
            @if ($input['bank'] !== [])
                <select name="with[{{ $piece['gap'] }}]" aria-label="{{ __('play.inputs.gap') }}"><option value="">…</option>@foreach ($input['bank'] as $word)<option @selected(is_array($typed) && ($typed[$piece['gap']] ?? null) === $word)>{{ $word }}</option>@endforeach</select>
            @else
                <input name="with[{{ $piece['gap'] }}]" aria-label="{{ __('play.inputs.gap') }}" autocomplete="off" value="{{ is_array($typed) && is_string($typed[$piece['gap']] ?? null) ? $typed[$piece['gap']] : '' }}">
            @endif
        @else{!! $screen->inline($piece['md']) !!}@endisset
    @endforeach
</p></fieldset>
