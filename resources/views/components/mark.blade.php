@props(['verdict'])
{{-- Right is a filled disc with a tick, almost a half disc, wrong a ring with a bar: shape first, colour second. --}}
<svg {{ $attributes->class(['mark', "mark-{$verdict}"]) }} viewBox="0 0 24 24" aria-hidden="true" focusable="false">
    @if ($verdict === 'open')
        <circle cx="12" cy="12" r="11" class="mark-fill"/><path d="M6.5 12.5l3.8 3.8 7.2-8" class="mark-tick"/>
    @elseif ($verdict === 'almost')
        <circle cx="12" cy="12" r="10" class="mark-ring"/><path d="M12 2a10 10 0 0 0 0 20z" class="mark-half"/>
    @else
        <circle cx="12" cy="12" r="10" class="mark-ring"/><path d="M7 12h10" class="mark-bar"/>
    @endif
</svg>
