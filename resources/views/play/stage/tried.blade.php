{{-- What the last answer came to, where the lock stands; which of the marks is seen goes by the state. --}}
@if ($thing['tells'] !== 'noted')
    @foreach (['wrong', 'almost'] as $verdict)
        <x-mark :verdict="$verdict" class="tried tried-{{ $verdict }}"/>
        <span class="hidden-words tried tried-{{ $verdict }}">{{ __("play.verdict.{$verdict}") }}</span>
    @endforeach
@endif
