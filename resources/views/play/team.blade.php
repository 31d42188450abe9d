@use('App\Workshop\Names')
{{-- On a device of a team: at which lock others are, and what they did just now. --}}
@foreach ($team->held as $lock => $who)
    <p data-held="{{ $lock }}" data-here="{{ __('play.team.here', ['who' => $who]) }}">{{
        __('play.team.holds', ['who' => $who, 'what' => Names::of($game, $lock)])
    }}</p>
@endforeach
@foreach ($team->did as $did)
    <p>{{ $did }}</p>
@endforeach
