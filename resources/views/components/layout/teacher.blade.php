@props(['title', 'page' => ''])
<x-layout.base :title="$title" :page="$page" body="teacher">
    <a class="skip" href="#main">{{ __('layout.skip') }}</a>
    <header class="bar">
        <a class="bar-home" href="{{ auth()->check() ? route('games.index') : '/' }}"><x-lamp/><span>Fravel</span></a>
        <nav class="bar-end" aria-label="{{ __('layout.account') }}">
            @if (App\Accounts\Letters::stayHere() && App\Accounts\Letters::canBeSent())<a href="{{ route('outbox') }}">{{ __('auth.outbox.title') }}</a>@endif
            @include('language')
            @auth
                <span class="bar-who">{{ auth()->user()->name }}</span>
                <form method="post" action="{{ route('logout') }}">@csrf<button class="bar-link">{{ __('layout.sign_out') }}</button></form>
            @else
                <a href="{{ route('login') }}">{{ __('auth.sign_in') }}</a>
            @endauth
        </nav>
    </header>
    <main id="main" {{ $attributes->class('sheet') }}>
        @if (session('status'))<p class="notice" role="status">{{ session('status') }}</p>@endif
        {{ $slot }}
    </main>
</x-layout.base>
