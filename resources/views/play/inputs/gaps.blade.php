<fieldset class="chips-input basis-full" @if ($input['bank'] !== []) data-input="chips" @endif>
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.gaps') }}</legend>
    <p class="gap-text" {{ $screen->speaks() }}>
        @foreach ($input['pieces'] as $piece)
            @isset($piece['gap'])
                @include('play.inputs.gap', [
                    'gap' => $piece['gap'],
                    'number' => $piece['number'],
                    'filled' => is_string($typed[$piece['gap']] ?? null) ? $typed[$piece['gap']] : '',
                ])
            @else{!! $screen->inline($piece['md']) !!}@endisset
        @endforeach
    </p>
    @if ($input['bank'] !== [])
        <x-bank>
            @foreach ($input['bank'] as $word)
                <button type="button" class="chip" data-chip="{{ $word }}" {{ $screen->speaks() }}>{{
                    $word
                }}</button>
            @endforeach
        </x-bank>
    @endif
</fieldset>
