@use('App\Play\Drawer')
@if (in_array($thing['opens'], ['pull', 'slide'], true))
    @php($placed = Drawer::onPage($thing))
    <svg class="page-drawer" viewBox="{{ Drawer::room($thing) }}" role="group" aria-label="{{
        $thing['label'] ?: $screen->plain($thing['front']['md']) ?: __('play.cover')
    }}">@include('play.stage.drawer', ['thing' => $placed, 'where' => 'page'])</svg>
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
    @if ($thing['asksFirst'])
        @include('play.things.guess')
    @elseif ($thing['lifted'] ? $thing['toggle'] : $thing['opens'] !== 'lock')
        <form method="post" action="{{ $frame->address }}" class="act">
            @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
            <button class="button">{{
                __($thing['lifted'] ? 'play.lower' : 'play.lift', ['thing' => $thing['label']])
            }}</button>
        </form>
    @elseif (! $thing['lifted'])
        <p class="help">{{ __('play.refused.cover.locked') }}</p>
    @endif
    @include('play.behind')
</div>
@endif
