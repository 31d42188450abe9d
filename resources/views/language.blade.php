@use('App\Words\Languages')
<form method="post" action="{{ route('language') }}" data-at-once>
    @csrf
    <label class="hidden-words" for="interface-language">{{ __('layout.language') }}</label>
    <select id="interface-language" name="language" class="min-h-[40px] w-auto border-rim px-2 py-0.5 on-ink">
        @foreach (Languages::ofTeachers() as $language)
            <option value="{{ $language }}" lang="{{ $language }}" @selected($language === app()->getLocale())>
                {{ config('fravel.languages')[$language] ?? $language }}
            </option>
        @endforeach
    </select>
    <noscript><button class="link min-h-[44px]">{{ __('layout.language_take') }}</button></noscript>
</form>
