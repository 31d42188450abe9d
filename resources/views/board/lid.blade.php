@use('App\Play\OnStage')
<g class="cover-lid" data-cover="{{ $thing['opens'] }}" data-open="0">
    <foreignObject {{ OnStage::box($thing) }}>
        <button type="button" class="board-lid" aria-expanded="false" aria-label="{{ $screen->coverName($thing) }}"
            data-front="{{ $screen->coverName($thing) }}"
            data-both="{{ $screen->coverName(['lifted' => true] + $thing) }}">
            <span class="stage-cover" data-side="front">
                @include('play.stage.face', ['face' => $thing['front']])
            </span>
            <span @class(['stage-cover stage-cover-lifted', 'stage-cover-clear' => $thing['isClear']]) data-side="back"
                hidden>
                @include('play.stage.face', ['face' => $thing['face']])
                @include('play.behind')
            </span>
        </button>
    </foreignObject>
</g>
