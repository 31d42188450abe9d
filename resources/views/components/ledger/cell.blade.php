@props(['number' => false])
<td @class([
    'py-2 max-sm:py-0.5',
    'pr-7 text-right font-code max-sm:pr-0' => $number,
    'pr-3' => ! $number,
])>{{ $slot }}</td>
