<form method="post" action="{{ route('language') }}" class="language" data-at-once>
    @csrf
    <label class="hidden-words" for="interface-language">{{ __('layout.language') }}</label>
    <select id="interface-language" name="language">
        @foreach (App\Words\Languages::ofTeachers() as $language)
            <option value="{{ $language }}" lang="{{ $language }}" @selected($language === app()->getLocale())>{{ config('fravel.languages')[$language] ?? $language }}</option>
        @endforeach
    </select>
    <noscript><button class="bar-link">{{ __('layout.language_take') }}</button></noscript>
</form>
