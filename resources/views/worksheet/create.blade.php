<x-layout.teacher :title="__('worksheet.title')" page="worksheet" class="wide">
    <p class="crumb"><a href="{{ route('games.create') }}">{{ __('games.new') }}</a></p>
    <h1>{{ __('worksheet.title') }}</h1>
    @if ($problem)<p class="notice bad" role="alert">{{ __($problem) }}</p>@endif
    @if ($sheet === null || $sheet->rows === [])
        @include('worksheet.source')
    @else
        <details class="source-again"><summary>{{ __('worksheet.change') }}</summary>@include('worksheet.source')</details>
        @include('worksheet.preview')
    @endif
</x-layout.teacher>
