@props(['number' => false])
<th scope="col" @class([
    'border-b-[1.5px] border-ink py-1.5 text-caps tracking-[0.07em] text-quiet uppercase',
    'pr-7 text-right' => $number,
    'pr-3 text-left' => ! $number,
])>{{ $slot }}</th>
