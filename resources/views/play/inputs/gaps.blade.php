<fieldset class="basis-full">
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.gaps') }}</legend>
    <p class="leading-[2.6]">
        @foreach ($input['pieces'] as $piece)
            @isset($piece['gap'])
                @include('play.inputs.gap', [
                    'gap' => $piece['gap'],
                    'filled' => is_string($typed[$piece['gap']] ?? null) ? $typed[$piece['gap']] : '',
                ])
            @else{!! $screen->inline($piece['md']) !!}@endisset
        @endforeach
    </p>
</fieldset>
