@use('App\Words\Languages')
<form method="post" action="{{ route('language') }}" data-at-once>
    @csrf
    <label class="hidden-words" for="interface-language">{{ __('layout.language') }}</label>
    {{-- Drawn by us: some browsers draw a light one, whatever its colours. --}}
    <span class="relative inline-flex items-center">
    <select id="interface-language" name="language"
        class="min-h-[40px] w-auto appearance-none border-rim py-0.5 pr-8 pl-2.5 on-ink">
        @foreach (Languages::ofTeachers() as $language)
            <option value="{{ $language }}" lang="{{ $language }}" @selected($language === app()->getLocale())>
                {{ config('fravel.languages')[$language] ?? $language }}
            </option>
        @endforeach
    </select>
    <x-icon name="chevron-down" class="pointer-events-none absolute right-2 text-paper"/>
    </span>
    <noscript><button class="link min-h-[44px]">{{ __('layout.language_take') }}</button></noscript>
</form>
