{{-- On a device of a class that plays together: what was decided, what this one is for, and how many have voted. --}}
<span data-ballot="{{ $vote->ballot }}" hidden></span>
@if ($vote->decided() !== '')
    <p>{{ __('play.vote.decided', ['what' => $vote->decided(), 'for' => $vote->for, 'of' => $vote->of]) }}</p>
@endif
@if ($vote->own() === '')
    <p>{{ __('play.vote.rule') }}</p>
@else
    <p>{{ __('play.vote.own', ['what' => $vote->own()]) }}</p>
@endif
@if ($vote->voted > 0)
    <p>{{ __('play.vote.count', ['voted' => $vote->voted, 'here' => max($vote->voted, $vote->here)]) }}</p>
@endif
