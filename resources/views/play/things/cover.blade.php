@php($face = $thing['face'])
<div class="cover {{ $thing['lifted'] ? 'cover-lifted' : 'cover-shut' }}">
    @if ($screen->edition->url($face['asset']))<img src="{{ $screen->edition->url($face['asset']) }}" alt="{{ $screen->edition->alt($face['asset']) }}">@endif
    <div class="words" {{ $screen->speaks() }}>{!! $screen->html($face['md']) !!}</div>
    @if (! $thing['lifted'] && $thing['opens'] !== 'lock')
        <form method="post" action="{{ $frame->address }}" class="act">@include('play.fields', ['verb' => 'lift', 'on' => $thing['id']])<button class="button">{{ __('play.lift', ['thing' => $thing['label']]) }}</button></form>
    @elseif ($thing['lifted'] && $thing['toggle'])
        <form method="post" action="{{ $frame->address }}" class="act">@include('play.fields', ['verb' => 'lower', 'on' => $thing['id']])<button class="button">{{ __('play.lower', ['thing' => $thing['label']]) }}</button></form>
    @elseif (! $thing['lifted'])
        <p class="help">{{ __('play.refused.cover.locked') }}</p>
    @endif
</div>
