{{-- A form of one line: what is said, and the button beside it. --}}
@props(['action'])
<form method="post" action="{{ $action }}" {{ $attributes->class('flex items-stretch gap-2') }}>
    @csrf
    {{ $slot }}
</form>
