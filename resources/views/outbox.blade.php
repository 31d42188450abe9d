<x-layout.teacher title="Outbox">
    <h1>Outbox</h1>
    <p>Letters stay here, in place of a mail service. Set up a mail service and this page is gone.</p>
    @forelse ($letters as $letter)
        <article class="letter">
            <header><h2>{{ $letter->subject }}</h2><p class="caps">to {{ $letter->to }} · {{ $letter->created_at->format('j M H:i') }} UTC</p></header>
            {{-- Plain text; its addresses are made into links. --}}
            <p class="letter-body">{!! preg_replace('~(https?://[^\s<]+)~', '<a href="$1">$1</a>', e($letter->body)) !!}</p>
        </article>
    @empty
        <p class="empty">No letters yet. Ask for a <a href="{{ route('password.request') }}">new password</a> and one lands here.</p>
    @endforelse
</x-layout.teacher>
