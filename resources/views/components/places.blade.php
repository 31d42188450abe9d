@props(['label', 'length', 'columns', 'look'])
{{-- A code entered key by key; without scripts its plain fields are there. --}}
<fieldset class="basis-full" data-input="places" data-length="{{ $length }}" data-columns="{{ $columns }}"
    data-label="{{ $label }}">
    <legend class="mb-1.5 text-small text-quiet">{{ $label }}</legend>
    <div data-plain>{{ $plain }}</div>
    <div class="grid grid-cols-1 gap-3" data-widget hidden>
        <div class="pad pad-of-{{ $look }}" data-pad>
            {{ $slot }}
            <button type="button" class="pad-key pad-tool" data-pad="erase" aria-label="{{
                __('play.inputs.erase')
            }}"><x-icon name="delete"/></button>
            <button type="button" class="pad-key pad-tool" data-pad="clear" aria-label="{{
                __('play.inputs.clear')
            }}"><x-icon name="eraser"/></button>
        </div>
    </div>
</fieldset>
