@use('App\Play\OnStage')
<foreignObject {{ OnStage::box($thing) }}>
    <form method="post" action="{{ $frame->address }}" class="act stage-act">
        @include('play.fields', ['verb' => $thing['lifted'] ? 'lower' : 'lift', 'on' => $thing['id']])
        <button class="stage-cover {{ $thing['lifted'] ? 'stage-cover-lifted' : '' }}"
            @disabled($thing['lifted'] ? ! $thing['toggle'] : $thing['opens'] === 'lock') aria-label="{{
                ($thing['lifted'] ? $screen->plain($thing['face']['md']) : '') ?: ($thing['label'] ?: __('play.cover'))
            }}">
            @if ($thing['face']['colour'])
                <svg class="stage-cover-colour" aria-hidden="true" preserveAspectRatio="none" viewBox="0 0 1 1"><rect
                    width="1" height="1" fill="{{ $thing['face']['colour'] }}"/></svg>
            @endif
            @if ($screen->edition->url($thing['face']['asset']))
                <img src="{{ $screen->edition->url($thing['face']['asset']) }}" alt="" draggable="false">
            @endif
            <span class="words">{!! $screen->html($thing['face']['md']) !!}</span>
        </button>
    </form>
</foreignObject>
