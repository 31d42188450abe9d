{{-- The heading of a page, with where it belongs above it. --}}
@props(['under' => null, 'href' => null])
@if ($under)
    <p class="text-note text-quiet"><a href="{{ $href }}">{{ $under }}</a></p>
@endif
<h1 {{ $attributes->class('mb-4') }}>{{ $slot }}</h1>
