<x-layout.teacher title="Make an account" class="narrow">
    <h1>Make an account</h1>
    <form method="post" action="{{ route('register') }}" class="form">
        @csrf
        <x-field name="name" label="Your name" autocomplete="name" required autofocus/>
        <x-field name="email" label="E-mail" type="email" autocomplete="username" required/>
        <x-field name="password" label="Password" type="password" autocomplete="new-password" required help="At least 10 characters; a sentence is fine."/>
        <x-field name="password_confirmation" label="Password again" type="password" autocomplete="new-password" required/>
        <div class="form-end"><button class="button primary">Make the account</button><a href="{{ route('login') }}">I have one</a></div>
    </form>
</x-layout.teacher>
