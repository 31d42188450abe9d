<fieldset class="grid basis-full gap-2.5">
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.pairs') }}</legend>
    @foreach ($input['left'] as $left)
        <label class="grid grid-cols-2 items-center gap-4">
            <span {{ $screen->speaks() }}>{!! $screen->inline($left['md']) !!}</span>
            <select name="with[{{ $left['id'] }}]">
                <option value="">…</option>
                @foreach ($screen->choices($input['right']) as $value => $words)
                    <option value="{{ $value }}"
                        @selected(is_array($typed) && ($typed[$left['id']] ?? null) === $value)>{{
                        $words
                    }}</option>
                @endforeach
            </select>
        </label>
    @endforeach
</fieldset>
