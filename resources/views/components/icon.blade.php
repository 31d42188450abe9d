@props(['name'])
<svg {{ $attributes->class('icon') }} aria-hidden="true" focusable="false"><use
    href="{{ Vite::asset('resources/icons/sprite.svg') }}#{{ $name }}"></use></svg>
