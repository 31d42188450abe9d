{{-- What stays folded until somebody wants it. --}}
@props(['title', 'open' => false])
<details {{ $attributes }} @if ($open) open @endif>
    <summary class="inline-flex min-h-[36px] items-center underline underline-offset-[3px]">{{ $title }}</summary>
    {{ $slot }}
</details>
