<fieldset class="chips-input basis-full" data-input="chips">
    <legend class="mb-1.5 text-small text-quiet">{{ __('play.inputs.pairs') }}</legend>
    <div class="grid gap-2">
        @foreach ($input['left'] as $left)
            <div class="pair grid grid-cols-2 items-stretch gap-2">
                <span class="pair-left">@include('play.inputs.item', ['item' => $left])</span>
                <select name="with[{{ $left['id'] }}]" aria-label="{{ $screen->saying($left) }}">
                    <option value="">…</option>
                    @foreach ($input['right'] as $right)
                        <option value="{{ $right['id'] }}"
                            @selected(is_array($typed) && ($typed[$left['id']] ?? null) === $right['id'])>{{
                            $screen->saying($right)
                        }}</option>
                    @endforeach
                </select>
            </div>
        @endforeach
    </div>
    <x-bank>
        @foreach ($input['right'] as $right)
            <button type="button" class="chip" data-chip="{{ $right['id'] }}">@include('play.inputs.item', [
                'item' => $right,
            ])</button>
        @endforeach
    </x-bank>
</fieldset>
