{{-- What a choice turned out to be, once it was made, or that one was where it leads. --}}
@if (in_array($thing['marked'] ?? null, ['right', 'wrong'], true))
    <x-mark :verdict="$thing['marked'] === 'right' ? 'open' : 'wrong'" class="ml-auto"/>
    <span class="hidden-words">{{ __('play.verdict.'.$thing['marked']) }}</span>
@elseif ($thing['visited'] ?? false)
    <x-icon name="footprints" class="been ml-auto"/>
    <span class="hidden-words">{{ __('play.visited') }}</span>
@endif
