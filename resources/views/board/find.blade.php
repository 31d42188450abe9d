@use('App\Play\FindBoard')
@use('App\Play\OnStage')
@php($laid = FindBoard::on($thing, $screen))
{{-- All that is asked is here: the board is the teacher's own, and judges by itself. --}}
<g data-find data-questions="{{ json_encode($thing['questions']) }}" @if ($thing['leaves']) data-leaves @endif
    @if ($thing['quiet']) data-quiet @endif>
    <foreignObject {{ OnStage::box(['box' => $laid->band]) }}>
        <div class="find-band">
            <div role="status" class="contents">
                @foreach ($thing['questions'] as $question)
                    <div class="find-prompt words find-{{
                        FindBoard::sizeOfPrompt(['prompt' => $question['ask']], $screen)
                    }}" data-asked hidden {{ $screen->speaks() }}>{!! $screen->html($question['ask']) !!}</div>
                @endforeach
                <p class="find-prompt find-title" data-done hidden>
                    <x-mark verdict="open"/>{{ __('play.find.done') }}
                </p>
                <div class="find-said" data-wrong hidden><x-mark verdict="wrong"/>{{ __('play.verdict.wrong') }}</div>
            </div>
            <p class="find-count" data-count></p>
        </div>
    </foreignObject>
    @foreach ($thing['boxes'] as $place => $box)
        <foreignObject {{ OnStage::box(['box' => $laid->boxes[$place]]) }}>
            <button type="button" class="find-box" data-box="{{ $box['id'] }}"
                aria-label="{{ FindBoard::called($box, $place, $screen) }}">
                @if ($screen->edition->url($box['asset']))
                    <img src="{{ $screen->edition->url($box['asset']) }}" alt="" draggable="false">
                @endif
                @if ($box['md'] !== '')
                    <span class="words face-{{ $laid->size }}" {{ $screen->speaks() }}>{!!
                        $screen->html($box['md'])
                    !!}</span>
                @endif
                <x-mark verdict="open" class="find-tick"/>
            </button>
        </foreignObject>
    @endforeach
    @if ($thing['directions'] !== '')
        <foreignObject {{ OnStage::box($thing) }} data-start>
            <div class="find-start">
                <div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['directions']) !!}</div>
                <button type="button" class="button primary">{{ __('play.find.begin') }}</button>
            </div>
        </foreignObject>
    @endif
</g>
