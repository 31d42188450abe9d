@props(['name'])
<svg {{ $attributes->class('icon') }} aria-hidden="true" focusable="false"><use href="/build/icons.svg#{{ $name }}"></use></svg>
