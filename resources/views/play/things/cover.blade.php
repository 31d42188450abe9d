@use('App\Play\Drawer')
@use('App\Play\Tiles')
@if (in_array($thing['opens'], ['pull', 'slide'], true))
    @php($placed = Drawer::onPage($thing))
    <svg class="page-drawer" viewBox="{{ Drawer::room($thing) }}" role="group" aria-label="{{
        $thing['label'] ?: $screen->plain($thing['front']['md']) ?: __('play.cover')
    }}">@include('play.stage.drawer', ['thing' => $placed, 'where' => 'page'])</svg>
@elseif (Tiles::isTile($thing))
    <div data-cover="{{ $thing['opens'] }}" class="cover-lid tile-lid">
        @if ($thing['lifted'] ? $thing['toggle'] : $thing['opens'] !== 'lock')
            <form method="post" action="{{ $frame->address }}" class="act tile-act">
                @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
                <button @class(['tile', 'tile-lifted' => $thing['lifted']]) aria-expanded="{{
                    $thing['lifted'] ? 'true' : 'false'
                }}" aria-label="{{ $screen->coverName($thing) }}">@include('play.things.tile')</button>
            </form>
        @else
            <div @class(['tile', 'tile-lifted' => $thing['lifted']])>
                @include('play.things.tile')
                @if (! $thing['lifted'])
                    <span class="tile-shut"><x-icon name="lock"/><span class="hidden-words">{{
                        __('play.refused.cover.locked')
                    }}</span></span>
                @endif
            </div>
        @endif
    </div>
@else
    <div data-cover="{{ $thing['opens'] }}" @class([
        'cover-lid',
        'grid gap-3 rounded-board p-4',
        'border-[1.5px] border-dashed border-ink' => $thing['lifted'],
        'on-deep' => ! $thing['lifted'],
    ])>
        @if ($screen->edition->url($thing['face']['asset']))
            <img src="{{ $screen->edition->url($thing['face']['asset']) }}"
                alt="{{ $screen->edition->alt($thing['face']['asset']) }}">
        @endif
        <div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['face']['md']) !!}</div>
        @include('play.things.guess')
        @include('play.behind')
    </div>
@endif
