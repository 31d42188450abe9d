{{-- A part of a whole as a bar, with its numbers: told by its length and in words, not by colour alone. --}}
@props(['part', 'of', 'low' => false])
@php($share = $of === 0 ? 0 : 100 * $part / $of)
<span {{ $attributes->class('flex items-center gap-2.5') }}>
    <svg class="h-3.5 w-24 flex-none" viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
        <rect width="100" height="10" class="report-rest"/>
        <rect width="{{ round($share, 1) }}" height="10" class="{{ $low ? 'report-low' : 'report-part' }}"/>
    </svg>
    <span class="min-w-16 whitespace-nowrap"><strong>{{ round($share) }} %</strong>
        <span class="block text-note text-quiet max-sm:inline">{{ $part }} / {{ $of }}</span></span>
</span>
