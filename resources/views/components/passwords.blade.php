{{-- A new password, typed twice. --}}
@props(['label'])
<x-field name="password" :label="$label" type="password" autocomplete="new-password" required
    :help="__('auth.password_help')"/>
<x-field name="password_confirmation" :label="__('auth.password_again')" type="password" autocomplete="new-password"
    required/>
