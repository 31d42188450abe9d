<x-layout.teacher :title="__('worksheet.title')" page="worksheet" width="max-w-[92rem]">
    <x-title :under="__('games.new')" :href="route('games.create')">{{ __('worksheet.title') }}</x-title>
    @if ($problem)
        <p class="notice bad" role="alert">{{ __($problem, ['what' => $about ?? '']) }}</p>
    @endif
    @if ($sheet === null || $sheet->rows === [])
        @include('worksheet.source')
    @else
        <x-more class="mb-4" :title="__('worksheet.change')">@include('worksheet.source')</x-more>
        @include('worksheet.preview')
    @endif
</x-layout.teacher>
