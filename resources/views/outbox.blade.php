<x-layout.teacher :title="__('auth.outbox.title')">
    <h1>{{ __('auth.outbox.title') }}</h1>
    <p>{{ __('auth.outbox.help') }}</p>
    @forelse ($letters as $letter)
        <article class="letter">
            <header><h2>{{ $letter->subject }}</h2><p class="caps">{{ __('auth.outbox.to', ['address' => $letter->to]) }} · <x-moment :at="$letter->created_at"/></p></header>
            {{-- Plain text; its addresses are made into links. --}}
            <p class="letter-body">{!! preg_replace('~(https?://[^\s<]+)~', '<a href="$1">$1</a>', e($letter->body)) !!}</p>
        </article>
    @empty
        <p class="empty">{{ __('auth.outbox.none') }} <a href="{{ route('password.request') }}">{{ __('auth.forgotten') }}</a></p>
    @endforelse
</x-layout.teacher>
