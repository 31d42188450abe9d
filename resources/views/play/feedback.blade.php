@if ($turnHere?->verdict())
    @include('play.verdict', ['verdict' => $turnHere->verdict(), 'said' => $turnHere->said(), 'turn' => $turnHere])
@elseif ($turnHere?->refusal())
    <p class="said said-refused" role="status">{{ $turnHere->refusedWords() }}</p>
@endif
