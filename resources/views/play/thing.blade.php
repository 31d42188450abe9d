@use('App\Play\OnStage')
@use('App\Play\Tiles')
<section @class([
    "thing thing-{$thing['kind']}",
    OnStage::flow($thing) => $screen->isStage(),
    'is-tile' => Tiles::isTile($thing),
    'sought' => $screen->isFinding() && OnStage::isSought($thing),
])
    id="thing-{{ $thing['id'] }}" data-thing="{{ $thing['id'] }}"
    data-name="{{ $thing['kind'] === 'text' ? '' : $screen->spokenOn($thing) }}"
    @if ($thing['stays']) data-stays @endif>
    @if (($thing['sound'] ?? null) !== null && $screen->edition->url($thing['sound']))
        <span data-cover-sound="{{ $frame->clip($screen->edition->url($thing['sound'])) }}" hidden></span>
    @endif
    @if ($thing['lifted'] ?? false)
        <span data-lifted="{{ $screen->comesDown($thing) ? 'again' : '' }}" hidden></span>
    @endif
    @if ($screen->isStage() && OnStage::opens($thing))
        @include('play.stage.row')
    @endif
    @include('play.things.'.$thing['kind'])
</section>
