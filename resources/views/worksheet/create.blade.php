<x-layout.teacher title="From a worksheet" page="worksheet" class="wide">
    <p class="crumb"><a href="{{ route('games.create') }}">New game</a></p>
    <h1>From a worksheet</h1>
    @if ($problem)<p class="notice bad" role="alert">{{ __($problem) }}</p>@endif
    @if ($sheet === null || $sheet->rows === [])
        @include('worksheet.source')
    @else
        <details class="source-again"><summary>Change the pasted text</summary>@include('worksheet.source')</details>
        @include('worksheet.preview')
    @endif
</x-layout.teacher>
