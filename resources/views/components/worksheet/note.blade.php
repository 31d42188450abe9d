@props(['warns' => false])
<p @class([
    'mt-1 text-note leading-tight',
    'font-semibold text-signal-ink' => $warns,
    'text-quiet' => ! $warns,
])>{{ $slot }}</p>
