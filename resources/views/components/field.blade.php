@props(['name', 'label', 'type' => 'text', 'value' => null, 'help' => null, 'id' => "field-{$name}"])
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        value="{{ $type === 'password' || ! is_string(old($name, $value)) ? '' : old($name, $value) }}"
        @error($name) aria-invalid="true" aria-describedby="{{ $id }}-error" @enderror {{ $attributes }}>
    @if ($help)
        <p class="help">{{ $help }}</p>
    @endif
    @error($name)
        <p class="problem" id="{{ $id }}-error">{{ $message }}</p>
    @enderror
</div>
