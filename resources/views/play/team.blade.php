@use('App\Workshop\Names')
{{-- On a device of a team: who plays, at which lock others are, and what they did just now. --}}
@if ($team->others !== [])
    <p>{{ __('play.team.with') }} {{ implode(', ', $team->others) }}</p>
@endif
@foreach ($team->held as $lock => $who)
    @php($name = Names::of($game, $lock))
    <p data-held="{{ $lock }}" data-here="{{ __('play.team.here', ['who' => $who]) }}">{{
        $name === $lock
            ? __('play.team.here', ['who' => $who])
            : __('play.team.holds', ['who' => $who, 'what' => $name])
    }}</p>
@endforeach
@foreach ($team->did as $did)
    <p>{{ $did }}</p>
@endforeach
