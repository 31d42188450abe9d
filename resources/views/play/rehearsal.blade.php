{{-- The rehearsal as on a phone: the same page as wide as one, with the strip and what holds around it. --}}
<x-layout.base :title="$screen->title()" body="player rehearsal">
    <nav class="rehearsal-strip" id="strip" aria-label="{{ __('rehearsal.strip.title') }}">@include('play.strip')</nav>
    @if (session('status'))
        <p class="notice rehearsal-said" role="status">{{ session('status') }}</p>
    @endif
    <main class="play phone grid place-items-center p-4">
        <iframe src="{{ route('rehearsal.show', $game, false) }}?framed=1" title="{{ __('rehearsal.onPhone') }}"
            class="box-content h-[min(844px,calc(100vh-6rem))] w-[390px] rounded-2xl border-9 border-rim
                bg-paper"></iframe>
    </main>
    <aside class="backstage" id="backstage" aria-label="{{ __('rehearsal.title') }}">@include('play.backstage')</aside>
</x-layout.base>
