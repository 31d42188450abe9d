{{-- What can be done with a game on the shelf: seen on the strip in use, and always where there is no pointer. --}}
@props(['game'])
<div class="mt-1 flex flex-wrap gap-x-4 text-note text-quiet opacity-0 transition-opacity
    group-focus-within/strip:opacity-100
    group-hover/strip:opacity-100 pointer-coarse:opacity-100">
    <form method="post" action="{{ route('games.copy', $game) }}">
        @csrf
        <button class="link" aria-label="{{ __('games.copy_one', ['title' => $game->title]) }}">{{
            __('games.copy_it')
        }}</button>
    </form>
    <a class="link" href="{{ route('games.key', $game) }}"
        aria-label="{{ __('games.key.titled', ['title' => $game->title]) }}">{{ __('games.key.title') }}</a>
    @if (str_contains($game->document, '"kind":"cover"'))
        <a class="link" href="{{ route('games.board', $game) }}"
            aria-label="{{ __('games.board.titled', ['title' => $game->title]) }}">{{ __('games.board.title') }}</a>
        <a class="link" href="{{ route('games.cards', $game) }}"
            aria-label="{{ __('games.cards.titled', ['title' => $game->title]) }}">{{ __('games.cards.title') }}</a>
    @endif
    <a class="link" href="{{ route('packages.show', $game) }}" download
        aria-label="{{ __('games.package_one', ['title' => $game->title]) }}">{{ __('games.package') }}</a>
    <form method="post" action="{{ route('games.away', $game) }}">
        @csrf
        <input type="hidden" name="away" value="{{ $game->archived_at ? 0 : 1 }}">
        <button class="link" aria-label="{{
            __($game->archived_at ? 'games.bring_back_one' : 'games.put_away_one', ['title' => $game->title])
        }}">{{ __($game->archived_at ? 'games.bring_back' : 'games.put_it_away') }}</button>
    </form>
</div>
