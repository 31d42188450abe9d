{{-- A tick that says no when it is not set. --}}
@props(['name', 'label', 'on' => false])
<label class="tick">
    <input type="hidden" name="{{ $name }}" value="0">
    <input type="checkbox" name="{{ $name }}" value="1" @checked(old($name, $on))> {{ $label }}
</label>
