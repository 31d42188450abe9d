<x-layout.teacher title="Sign in" class="narrow">
    <h1>Sign in</h1>
    <form method="post" action="{{ route('login') }}" class="form">
        @csrf
        <x-field name="email" label="E-mail" type="email" autocomplete="username" required autofocus/>
        <x-field name="password" label="Password" type="password" autocomplete="current-password" required/>
        <label class="tick"><input type="checkbox" name="remember" value="1"> Keep me signed in on this computer</label>
        <div class="form-end"><button class="button primary">Sign in</button><a href="{{ route('password.request') }}">I forgot my password</a></div>
    </form>
    <p class="aside">New here? <a href="{{ route('register') }}">Make an account</a>. Students need none: they <a href="/">join with a code</a>.</p>
</x-layout.teacher>
