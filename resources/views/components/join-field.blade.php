{{-- A line that somebody who joins fills in; nothing of it is remembered by the browser. --}}
@props(['name', 'label', 'value' => null, 'id' => $name])
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $name }}" value="{{ $value }}" autocomplete="off"
        {{ $attributes->merge(['maxlength' => 40]) }}>
</div>
