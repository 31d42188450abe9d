<x-layout.teacher :title="__('auth.outbox.title')">
    <x-title>{{ __('auth.outbox.title') }}</x-title>
    <p class="mb-3">{{ __('auth.outbox.help') }}</p>
    @forelse ($letters as $letter)
        <article class="border-t-[1.5px] border-ink pt-4 pb-6">
            <header>
                <h2>{{ $letter->subject }}</h2>
                <p class="caps">
                    {{ __('auth.outbox.to', ['address' => $letter->to]) }} · <x-moment :at="$letter->created_at"/>
                </p>
            </header>
            {{-- Plain text; its addresses are made into links. --}}
            <p class="mt-2.5 wrap-anywhere whitespace-pre-wrap">{!!
                preg_replace('~(https?://[^\s<]+)~', '<a href="$1">$1</a>', e($letter->body))
            !!}</p>
        </article>
    @empty
        <p class="py-10">
            {{ __('auth.outbox.none') }} <a href="{{ route('password.request') }}">{{ __('auth.forgotten') }}</a>
        </p>
    @endforelse
</x-layout.teacher>
