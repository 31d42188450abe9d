{{-- What is told of a back once it is seen. --}}
@if ($thing['mark'] !== '' || $thing['markWords'] !== '')
    <span class="cover-mark" {{ $screen->speaks() }}>
        @if ($thing['mark'] !== '')
            <x-mark :verdict="$thing['mark'] === 'right' ? 'open' : 'wrong'"/>
            <span class="hidden-words">{{ __('play.verdict.'.$thing['mark']) }}</span>
        @endif
        {{ $thing['markWords'] }}
    </span>
@endif
