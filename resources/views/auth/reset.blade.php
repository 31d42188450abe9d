<x-layout.teacher title="A new password" class="narrow">
    <h1>A new password</h1>
    <form method="post" action="{{ route('password.store') }}" class="form">
        @csrf
        <input type="hidden" name="token" value="{{ $token }}">
        <x-field name="email" label="E-mail" type="email" :value="$email" autocomplete="username" required/>
        <x-field name="password" label="New password" type="password" autocomplete="new-password" required help="At least 10 characters; a sentence is fine."/>
        <x-field name="password_confirmation" label="New password again" type="password" autocomplete="new-password" required/>
        <div class="form-end"><button class="button primary">Set the password</button></div>
    </form>
</x-layout.teacher>
