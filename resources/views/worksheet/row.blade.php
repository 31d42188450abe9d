{{-- A row of a table, and where there is no room for one a card with its cells under their names. --}}
<tr @class([
    'border-b border-line max-desk:grid max-desk:grid-cols-[3.4rem_1fr] max-desk:py-3',
    'sm:max-desk:grid-cols-[3.4rem_1fr_1fr]',
    'left-out' => ! $row->isTaken,
])>
    <td class="px-1.5 py-1.5 align-top max-desk:row-span-5 sm:max-desk:row-span-3">
        <input type="hidden" name="rows[{{ $place }}][number]" value="{{ $row->number }}">
        <label class="row-tick flex min-h-[40px] items-center gap-2">
            <input type="checkbox" name="rows[{{ $place }}][taken]" value="1" @checked($row->isTaken)
                aria-label="{{ __('worksheet.preview.cells.take', ['number' => $row->number]) }}">
            <span class="font-code text-quiet">{{ $row->number }}</span>
        </label>
    </td>
    <x-worksheet.cell :$place :$row field="question" :value="$row->question">
        @if ($row->repeats)
            <x-worksheet.note warns>{{ __('worksheet.repeats', ['number' => $row->repeats]) }}</x-worksheet.note>
        @endif
        @if ($row->beyond !== [])
            <x-worksheet.note warns>{{
                __('worksheet.beyond', ['cells' => implode(' · ', $row->beyond)])
            }}</x-worksheet.note>
        @endif
    </x-worksheet.cell>
    <x-worksheet.cell :$place :$row field="answers" :value="implode(PHP_EOL, $row->answers)"
        :rows="max(2, count($row->answers))">
        @foreach (array_diff($row->notes, ['row.no-feedback']) as $note)
            <x-worksheet.note :warns="$note === 'row.no-answer'">{{ __('worksheet.notes')[$note] }}</x-worksheet.note>
        @endforeach
    </x-worksheet.cell>
    <td class="px-1.5 py-1.5 align-top">
        <x-worksheet.name :column="3"/>
        <select name="rows[{{ $place }}][kind]" class="cell"
            aria-label="{{ __('worksheet.preview.cells.kind', ['number' => $row->number]) }}">
            @foreach (__('worksheet.kinds') as $kind => $name)
                <option value="{{ $kind }}" @selected($kind === $row->kind->value)>{{ $name }}</option>
            @endforeach
        </select>
        <label class="flex min-h-[28px] items-center gap-1.5 text-note text-quiet">
            <input type="checkbox" name="rows[{{ $place }}][about]" value="1" class="h-4 w-4"
                @checked($row->isAbout)> ± 2 %
        </label>
    </td>
    <x-worksheet.cell :$place :$row field="feedback" :value="$row->feedback"
        :placeholder="$row->feedback === '' ? __('worksheet.preview.neutral') : ''"/>
    <td class="px-1.5 py-1.5 align-top">
        <x-worksheet.name :column="5"/>
        <input name="rows[{{ $place }}][room]" value="{{ $row->room }}" placeholder="{{ $made['chapter'] }}"
            class="cell"
            aria-label="{{ __('worksheet.preview.cells.room', ['number' => $row->number]) }}">
    </td>
</tr>
