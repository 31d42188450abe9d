@props(['icon', 'label'])
<button {{ $attributes->class('bar-icon') }} title="{{ $label }}" aria-label="{{ $label }}"><x-icon :name="$icon"/>
</button>
