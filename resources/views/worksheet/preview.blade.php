@use('Fravel\Rows\Table')
<p class="text-[1.05rem]">
    <strong>{{ __('worksheet.preview.rows', ['count' => count($sheet->rows)]) }}</strong>
    {{ __('worksheet.preview.parted', [
        'by' => __('worksheet.separators')[$sheet->separator],
        'headings' => (int) $sheet->hasHeading,
        'empty' => $sheet->empty,
    ]) }}
    @if ($sheet->isCut)
        <strong>{{ __('worksheet.preview.cut', ['count' => number_format(Table::MOST_ROWS)]) }}</strong>
    @endif
</p>
<form method="post" action="{{ route('worksheet.preview') }}" aria-label="{{ __('worksheet.preview.others') }}"
    class="mb-4 flex flex-wrap items-center gap-3.5 text-small text-quiet">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}"><input type="hidden" name="title" value="{{ $title }}">
    <span>{{ __('worksheet.preview.wrong') }}</span>
    @foreach (__('worksheet.separators') as $separator => $name)
        @if ($separator !== $sheet->separator)
            <button class="link" name="separator"
                value="{{ $separator === "\t" ? 'tab' : $separator }}">{{ $name }}</button>
        @endif
    @endforeach
    @if ($sheet->hasHeading)
        <button class="link" name="heading" value="row">{{ __('worksheet.preview.noHeading') }}</button>
    @endif
</form>
<form method="post" action="{{ route('worksheet.store') }}">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}">
    <div class="sticky top-0 z-2 flex items-end gap-6 border-b-[1.5px] border-ink bg-paper py-2.5">
        <div class="field max-w-[34rem] flex-1">
            <label for="title">{{ __('games.title') }}</label>
            <input id="title" name="title" maxlength="120" value="{{ $title }}"
                placeholder="{{ __('games.untitled') }}">
        </div>
        <button class="button primary ml-auto"><x-icon name="sparkles"/>{{ __('worksheet.preview.build') }}</button>
    </div>
    <table class="w-full table-fixed max-desk:block">
        <caption class="hidden-words">{{ __('worksheet.preview.caption') }}</caption>
        <thead class="max-desk:sr-only">
            <tr>
                @foreach (['w-[4.6rem]', 'w-[29%]', 'w-[21%]', 'w-[8.6rem]', '', 'w-40'] as $place => $across)
                    <th scope="col" class="{{ $across }} px-1.5 pt-3 pb-1 text-left text-caps tracking-[0.05em]
                        text-quiet
                        uppercase">{{ __('worksheet.preview.columns')[$place] }}</th>
                @endforeach
            </tr>
        </thead>
        <tbody class="max-desk:block">
            @foreach ($sheet->rows as $place => $row)
                @include('worksheet.row')
            @endforeach
        </tbody>
    </table>
    <div class="flex justify-end pt-4">
        <button class="button primary"><x-icon name="sparkles"/>{{ __('worksheet.preview.build') }}</button>
    </div>
</form>
