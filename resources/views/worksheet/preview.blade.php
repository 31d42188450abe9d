<p class="understood">
    <strong>{{ __('worksheet.preview.rows', ['count' => count($sheet->rows)]) }}</strong>
    {{ __('worksheet.preview.parted', ['by' => __('worksheet.separators')[$sheet->separator], 'headings' => (int) $sheet->columns->hasHeader, 'empty' => $sheet->empty]) }}
    @if ($sheet->isCut)<strong>{{ __('worksheet.preview.cut', ['count' => number_format(\Fravel\Worksheet\Table::MOST_ROWS)]) }}</strong>@endif
</p>
<form method="post" action="{{ route('worksheet.preview') }}" class="separators" aria-label="{{ __('worksheet.preview.others') }}">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}"><input type="hidden" name="title" value="{{ $title }}">
    <span>{{ __('worksheet.preview.wrong') }}</span>
    @foreach (__('worksheet.separators') as $separator => $name)
        @if ($separator !== $sheet->separator)<button class="link" name="separator" value="{{ $separator === "\t" ? 'tab' : $separator }}">{{ $name }}</button>@endif
    @endforeach
</form>
<form method="post" action="{{ route('worksheet.store') }}" class="preview">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}">
    <div class="preview-head">
        <div class="field"><label for="title">{{ __('games.title') }}</label><input id="title" name="title" maxlength="120" value="{{ $title }}" placeholder="{{ __('games.untitled') }}"></div>
        <button class="button primary"><x-icon name="sparkles"/>{{ __('worksheet.preview.build') }}</button>
    </div>
    <table class="rows-table">
        <caption class="hidden-words">{{ __('worksheet.preview.caption') }}</caption>
        <thead><tr>@foreach (__('worksheet.preview.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach</tr></thead>
        <tbody>
            @foreach ($sheet->rows as $place => $row)
                <tr @class(['left-out' => ! $row->isTaken])>
                    <td><input type="hidden" name="rows[{{ $place }}][number]" value="{{ $row->number }}">
                        <label class="row-tick"><input type="checkbox" name="rows[{{ $place }}][taken]" value="1" @checked($row->isTaken) aria-label="{{ __('worksheet.preview.cells.take', ['number' => $row->number]) }}"><span class="row-number">{{ $row->number }}</span></label></td>
                    <td><textarea name="rows[{{ $place }}][question]" rows="2" aria-label="{{ __('worksheet.preview.cells.question', ['number' => $row->number]) }}">{{ $row->question }}</textarea>
                        @if ($row->repeats)<p class="note warn">{{ __('worksheet.repeats', ['number' => $row->repeats]) }}</p>@endif</td>
                    <td><textarea name="rows[{{ $place }}][answers]" rows="{{ max(2, count($row->answers)) }}" aria-label="{{ __('worksheet.preview.cells.answers', ['number' => $row->number]) }}">{{ implode("\n", $row->answers) }}</textarea>
                        @foreach (array_diff($row->notes, ['row.no-feedback']) as $note)<p @class(['note', 'warn' => $note === 'row.no-answer'])>{{ __('worksheet.notes')[$note] }}</p>@endforeach</td>
                    <td><select name="rows[{{ $place }}][kind]" aria-label="{{ __('worksheet.preview.cells.kind', ['number' => $row->number]) }}">
                            @foreach (__('worksheet.kinds') as $kind => $name)<option value="{{ $kind }}" @selected($kind === $row->kind->value)>{{ $name }}</option>@endforeach
                        </select>
                        <label class="row-about"><input type="checkbox" name="rows[{{ $place }}][about]" value="1" @checked($row->isAbout)> ± 2 %</label></td>
                    <td><textarea name="rows[{{ $place }}][feedback]" rows="2" aria-label="{{ __('worksheet.preview.cells.feedback', ['number' => $row->number]) }}" placeholder="{{ $row->feedback === '' ? __('worksheet.preview.neutral') : '' }}">{{ $row->feedback }}</textarea></td>
                    <td><input name="rows[{{ $place }}][room]" value="{{ $row->room }}" aria-label="{{ __('worksheet.preview.cells.room', ['number' => $row->number]) }}" placeholder="{{ $made['chapter'] }}"></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="preview-foot"><button class="button primary"><x-icon name="sparkles"/>{{ __('worksheet.preview.build') }}</button></div>
</form>
