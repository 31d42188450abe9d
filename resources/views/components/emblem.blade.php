{{-- An emblem, composed of shapes and colours of ours. --}}
@props(['design', 'name' => null])
@php($clip = 'emblem-'.substr(hash('sha256', implode(' ', $design)), 0, 10))
@php($colours = [
    'lamp' => 'fill-lamp', 'signal' => 'fill-signal', 'moss' => 'fill-moss', 'dusk' => 'fill-dusk',
    'brass' => 'fill-brass', 'haze' => 'fill-haze', 'deep' => 'fill-deep', 'ink' => 'fill-ink', 'paper' => 'fill-paper',
])
@php($shapes = [
    'shield' => 'M10 8H90V50C90 74 70 88 50 96C30 88 10 74 10 50Z', 'disc' => 'M50 5a45 45 0 1 0 .01 0Z',
    'kite' => 'M50 4L94 50 50 96 6 50Z', 'hexagon' => 'M50 4L90 27V73L50 96 10 73V27Z',
    'pennant' => 'M6 12H94L76 50 94 88H6Z',
])
@php($fields = [
    'plain' => '', 'halves' => 'M50 0H100V100H50Z', 'bars' => 'M0 18H100V34H0ZM0 50H100V66H0ZM0 82H100V100H0Z',
    'slant' => 'M0 100L100 0V100Z',
    'rays' => 'M50 50L0 0H33ZM50 50L67 0H100ZM50 50L100 33V67ZM50 50L100 100H67ZM50 50L33 100H0ZM50 50L0 67V33Z',
])
@php($charges = [
    'star' => 'M50 24L57 42 76 43 61 55 66 74 50 63 34 74 39 55 24 43 43 42Z',
    'lamp' => 'M42 26H58L62 36H38ZM40 38H60V62H40ZM36 64H64V72H36Z',
    'boat' => 'M24 60H76L66 74H34ZM48 56V24L70 56ZM45 56V34L30 56Z',
    'fish' => 'M24 50C34 34 54 34 64 48L76 38V62L64 52C54 66 34 66 24 50Z',
    'key' => 'M36 38a12 12 0 1 0 11 17H62V62H68V55H72V48H47A12 12 0 0 0 36 38Z',
    'wave' => 'M22 56C30 40 38 40 46 50S62 60 68 44L78 52C70 72 56 70 46 62S32 60 28 70Z',
])
<svg viewBox="0 0 100 100" {{ $attributes->class('emblem') }}
    @if ($name) role="img" aria-label="{{ $name }}" @else aria-hidden="true" @endif>
    <clipPath id="{{ $clip }}"><path d="{{ $shapes[$design['shape']] }}"/></clipPath>
    <g clip-path="url(#{{ $clip }})">
        <rect width="100" height="100" class="{{ $colours[$design['one']] }}"/>
        <path d="{{ $fields[$design['field']] }}" class="{{ $colours[$design['two']] }}"/>
    </g>
    <path d="{{ $charges[$design['charge']] }}" class="fill-white stroke-ink" stroke-width="2"
        stroke-linejoin="round"/>
    <path d="{{ $shapes[$design['shape']] }}" class="fill-none stroke-ink" stroke-width="3" stroke-linejoin="round"/>
</svg>
