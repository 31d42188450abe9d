{{-- The rehearsal as on a phone: the same page as wide as one, with the strip and what holds around it. --}}
<x-layout.base :title="$screen->view->scene['title'] ?? 'Fravel'" body="player rehearsal" page="">
    <nav class="rehearsal-strip" id="strip" aria-label="{{ __('rehearsal.strip.title') }}">@include('play.strip')</nav>
    @if (session('status'))<p class="notice rehearsal-said" role="status">{{ session('status') }}</p>@endif
    <main class="play phone"><iframe src="{{ route('rehearsal.show', $game, false) }}?framed=1" title="{{ __('rehearsal.onPhone') }}"></iframe></main>
    <aside class="backstage" id="backstage" aria-label="{{ __('rehearsal.title') }}">@include('play.backstage')</aside>
</x-layout.base>
