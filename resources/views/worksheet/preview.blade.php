<p class="understood">
    <strong>{{ count($sheet->rows) }} {{ Str::plural('row', count($sheet->rows)) }}</strong> parted by {{ __('worksheet.separators')[$sheet->separator] }}{{ $sheet->columns->hasHeader ? ', with a row of headings' : ', without headings' }}{{ $sheet->empty > 0 ? '; '.$sheet->empty.' empty '.Str::plural('row', $sheet->empty).' left out' : '' }}.
    @if ($sheet->isCut)<strong>There were more rows: the first {{ number_format(\Fravel\Worksheet\Table::MOST_ROWS) }} are here, the rest was not read.</strong>@endif
</p>
<form method="post" action="{{ route('worksheet.preview') }}" class="separators" aria-label="Other ways to part the fields">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}"><input type="hidden" name="title" value="{{ $title }}">
    <span>Wrong fields? Part them by</span>
    @foreach (__('worksheet.separators') as $separator => $name)
        @if ($separator !== $sheet->separator)<button class="link" name="separator" value="{{ $separator === "\t" ? 'tab' : $separator }}">{{ $name }}</button>@endif
    @endforeach
</form>
<form method="post" action="{{ route('worksheet.store') }}" class="preview">
    @csrf
    <textarea name="text" hidden>{{ $text }}</textarea>
    <input type="hidden" name="language" value="{{ $language }}">
    <div class="preview-head">
        <div class="field"><label for="title">Title of the game</label><input id="title" name="title" maxlength="120" value="{{ $title }}" placeholder="{{ __('games.untitled') }}"></div>
        <button class="button primary"><x-icon name="sparkles"/>Build the game</button>
    </div>
    <table class="rows-table">
        <caption class="hidden-words">What was understood, row by row. Everything can be changed here and later.</caption>
        <thead><tr><th scope="col">Take</th><th scope="col">Question</th><th scope="col">Right answers, one a line</th><th scope="col">Kind</th><th scope="col">Feedback when wrong</th><th scope="col">Room</th></tr></thead>
        <tbody>
            @foreach ($sheet->rows as $place => $row)
                <tr @class(['left-out' => ! $row->isTaken])>
                    <td><input type="hidden" name="rows[{{ $place }}][number]" value="{{ $row->number }}">
                        <label class="row-tick"><input type="checkbox" name="rows[{{ $place }}][taken]" value="1" @checked($row->isTaken) aria-label="Take row {{ $row->number }}"><span class="row-number">{{ $row->number }}</span></label></td>
                    <td><textarea name="rows[{{ $place }}][question]" rows="2" aria-label="Question of row {{ $row->number }}">{{ $row->question }}</textarea>
                        @if ($row->repeats)<p class="note warn">{{ __('worksheet.repeats', ['number' => $row->repeats]) }}</p>@endif</td>
                    <td><textarea name="rows[{{ $place }}][answers]" rows="{{ max(2, count($row->answers)) }}" aria-label="Right answers of row {{ $row->number }}">{{ implode("\n", $row->answers) }}</textarea>
                        @foreach (array_diff($row->notes, ['row.no-feedback']) as $note)<p @class(['note', 'warn' => $note === 'row.no-answer'])>{{ __('worksheet.notes')[$note] }}</p>@endforeach</td>
                    <td><select name="rows[{{ $place }}][kind]" aria-label="Kind of answer of row {{ $row->number }}">
                            @foreach (__('worksheet.kinds') as $kind => $name)<option value="{{ $kind }}" @selected($kind === $row->kind->value)>{{ $name }}</option>@endforeach
                        </select>
                        <label class="row-about"><input type="checkbox" name="rows[{{ $place }}][about]" value="1" @checked($row->isAbout)> ± 2 %</label></td>
                    <td><textarea name="rows[{{ $place }}][feedback]" rows="2" aria-label="Feedback of row {{ $row->number }}" placeholder="{{ $row->feedback === '' ? 'neutral words' : '' }}">{{ $row->feedback }}</textarea></td>
                    <td><input name="rows[{{ $place }}][room]" value="{{ $row->room }}" aria-label="Room of row {{ $row->number }}" placeholder="{{ __('worksheet.words.chapter') }}"></td>
                </tr>
            @endforeach
        </tbody>
    </table>
    <div class="preview-foot"><button class="button primary"><x-icon name="sparkles"/>Build the game</button></div>
</form>
