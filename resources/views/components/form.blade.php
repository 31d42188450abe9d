{{-- A form whose fields stand under one another. --}}
@props(['action', 'method' => 'post'])
<form method="{{ $method }}" action="{{ $action }}" {{ $attributes->class('grid gap-4.5') }}>
    @if ($method === 'post')
        @csrf
    @endif
    {{ $slot }}
</form>
