<x-layout.teacher title="Make an account" class="narrow">
    <h1>Make an account</h1>
    <p>For <strong>{{ $email }}</strong>.</p>
    <form method="post" action="{{ request()->getRequestUri() }}" class="form">
        @csrf
        <x-field name="name" label="Your name" autocomplete="name" required autofocus/>
        <x-field name="password" label="Password" type="password" autocomplete="new-password" required help="At least 10 characters; a sentence is fine."/>
        <x-field name="password_confirmation" label="Password again" type="password" autocomplete="new-password" required/>
        <div class="form-end"><button class="button primary">Make the account</button></div>
    </form>
</x-layout.teacher>
