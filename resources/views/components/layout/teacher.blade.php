@props(['title', 'page' => '', 'width' => 'max-w-[76rem]', 'words' => null])
@use('App\Accounts\Letters')
<x-layout.base :title="$title" :page="$page" :words="$words" body="teacher">
    <a class="skip" href="#main">{{ __('layout.skip') }}</a>
    <header class="bar">
        <a class="flex min-h-[44px] items-center gap-3.5 font-title text-[1.2rem] font-bold no-underline"
            href="{{ auth()->check() ? route('games.index') : '/' }}"><x-lamp/><span>Fravel</span></a>
        <nav class="ml-auto flex flex-wrap items-center justify-end gap-x-4.5" aria-label="{{ __('layout.account') }}">
            @if (Letters::stayHere() && Letters::canBeSent())
                <a class="max-phone:hidden" href="{{ route('outbox') }}">{{ __('auth.outbox.title') }}</a>
            @endif
            @include('language')
            @auth
                <span class="text-(--here-quiet) max-sm:hidden">{{ auth()->user()->name }}</span>
                <form method="post" action="{{ route('logout') }}">
                    @csrf
                    <button class="link min-h-[44px]">{{ __('layout.sign_out') }}</button>
                </form>
            @else
                <a class="link min-h-[44px]" href="{{ route('login') }}">{{ __('auth.sign_in') }}</a>
            @endauth
        </nav>
    </header>
    <main id="main" class="{{ $width }} mx-auto px-4 pt-6 pb-16 sm:px-8 sm:pt-7">
        @if (session('status'))
            <div class="notice" role="status">
                <p>{{ session('status') }}</p>
                @if (session('notes'))
                    <ul class="mt-1 list-disc pl-5">
                        @foreach (session('notes') as $note)
                            <li>{{ $note }}</li>
                        @endforeach
                    </ul>
                @endif
            </div>
        @endif
        {{ $slot }}
    </main>
</x-layout.base>
