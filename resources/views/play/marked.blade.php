{{-- What a choice turned out to be, once it was made. --}}
@if (in_array($thing['marked'] ?? null, ['right', 'wrong'], true))
    <x-mark :verdict="$thing['marked'] === 'right' ? 'open' : 'wrong'" class="ml-auto"/>
    <span class="hidden-words">{{ __('play.verdict.'.$thing['marked']) }}</span>
@endif
