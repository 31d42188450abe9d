@use('App\Play\OnStage')
<x-layout.base :title="$game->title" page="board" body="player board" sheet="teacher"
    :words="['play' => ['find' => __('play.find')]]">
    <main class="board-pages" lang="{{ $game->read()->language() }}">
        @forelse ($board->pages as $place => ['screen' => $screen, 'things' => $things])
            <section data-page-of-board aria-label="{{ $screen->title() }}" @if ($place > 0) hidden @endif>
                <svg class="stage board-stage" viewBox="0 0 1600 900" role="group" aria-label="{{ $screen->title() }}">
                    <rect width="1600" height="900" @if ($screen->view->scene['backdrop']['colour'] ?? null)
                        fill="{{ $screen->view->scene['backdrop']['colour'] }}" @else class="stage-ground" @endif/>
                    @if ($screen->backdrop())
                        <image href="{{ $screen->backdrop()['url'] }}" width="1600" height="900"
                            preserveAspectRatio="xMidYMid slice" {{ OnStage::called($screen->backdrop()['alt']) }}/>
                    @endif
                    @foreach ($things as $thing)
                        <g data-drawn="{{ $thing['id'] }}" {{ OnStage::turn($thing) }}>
                            @include(match (true) {
                                $thing['kind'] === 'find' => 'board.find',
                                $thing['kind'] === 'cover' && ! in_array($thing['opens'], ['pull', 'slide'])
                                    => 'board.lid',
                                default => "play.stage.{$thing['kind']}",
                            }, ['isBoard' => true])
                        </g>
                    @endforeach
                </svg>
                <h1 class="board-title" {{ $screen->speaks() }}>{{ $screen->title() }}</h1>
            </section>
        @empty
            <p class="board-empty">{{ __('games.board.empty') }}</p>
        @endforelse
    </main>
    <nav class="board-tools" aria-label="{{ __('games.board.tools') }}">
        @foreach (['back' => 'arrow-left', 'next' => 'arrow-right', 'reset' => 'eye-off', 'full' => 'maximize'] as $tool
            => $sign)
            <button type="button" class="board-tool" data-board="{{ $tool }}" title="{{ __("games.board.{$tool}") }}"
                aria-label="{{ __("games.board.{$tool}") }}"><x-icon :name="$sign"/></button>
        @endforeach
        <span data-board-count aria-live="polite"></span>
        <a class="board-tool" href="{{ route('games.show', $game) }}" title="{{ __('games.board.leave') }}"
            aria-label="{{ __('games.board.leave') }}"><x-icon name="x"/></a>
    </nav>
</x-layout.base>
