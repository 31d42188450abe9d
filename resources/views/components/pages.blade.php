{{-- From one page of the shelf to the next; nothing where there is one page. --}}
@props(['of'])
@if ($of->hasPages())
    <nav class="flex flex-wrap items-center gap-6 pt-4" aria-label="{{ __('games.pages') }}">
        @if (! $of->onFirstPage())
            <a class="link" rel="prev" href="{{ $of->previousPageUrl() }}">
                <x-icon name="arrow-left"/>{{ __('games.later') }}
            </a>
        @endif
        <span class="text-quiet">
            {{ __('games.page', ['page' => $of->currentPage(), 'pages' => $of->lastPage()]) }}
        </span>
        @if ($of->hasMorePages())
            <a class="link" rel="next" href="{{ $of->nextPageUrl() }}">
                {{ __('games.earlier') }}<x-icon name="arrow-right"/>
            </a>
        @endif
    </nav>
@endif
