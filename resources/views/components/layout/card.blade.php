{{-- A page of one column for somebody who has just come, on the dark ground of play. --}}
@props(['sign' => null])
<main class="join mx-auto grid max-w-[30rem] gap-5 px-5 py-12">
    @if ($sign)
        <p class="flex items-center gap-3 font-title text-[1.2rem] font-bold text-lamp">
            <x-lamp/><span>{{ $sign }}</span>
        </p>
    @endif
    {{ $slot }}
</main>
