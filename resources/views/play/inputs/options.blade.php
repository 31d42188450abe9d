<fieldset class="basis-full">
    <legend class="mb-1.5 text-small text-quiet">
        {{ __($input['many'] ? 'play.inputs.several' : 'play.inputs.one') }}
    </legend>
    @foreach ($input['options'] as $option)
        <label class="option mb-2 flex min-h-[48px] cursor-pointer items-center gap-3.5 rounded-board border-[1.5px]
            border-edge bg-card px-3.5 py-1 hover:border-ink has-checked:border-[2.5px] has-checked:border-ink
            has-checked:font-[650]">
            <input type="{{ $input['many'] ? 'checkbox' : 'radio' }}" name="{{ $input['many'] ? 'with[]' : 'with' }}"
                value="{{ $option['id'] }}" @checked(in_array($option['id'], (array) $typed, true))>
            @if ($screen->edition->url($option['asset']))
                <img src="{{ $screen->edition->url($option['asset']) }}"
                    alt="{{ $screen->edition->alt($option['asset']) }}">
            @endif
            <span {{ $screen->speaks() }}>{!! $screen->inline($option['md']) !!}</span>
        </label>
    @endforeach
</fieldset>
