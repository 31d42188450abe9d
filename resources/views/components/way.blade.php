{{-- One way to a new game: what it looks like, what it is for, and how it begins. --}}
@props(['title', 'help'])
<li class="grid items-center gap-x-7 gap-y-2.5 border-b-[1.5px] border-ink py-4
    desk:grid-cols-[300px_1fr_minmax(14rem,auto)]">
    <svg class="h-auto w-full max-w-[300px] rounded-board bg-card" viewBox="0 0 300 84" aria-hidden="true"
        focusable="false">{{ $picture }}</svg>
    <div><h2>{{ $title }}</h2><p>{{ $help }}</p></div>
    {{ $slot }}
</li>
