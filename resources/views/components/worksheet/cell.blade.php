{{-- A cell of the preview in which text of several lines is corrected. --}}
@props(['place', 'row', 'field', 'rows' => 2, 'value' => '', 'placeholder' => ''])
<td class="px-1.5 py-1.5 align-top">
    <x-worksheet.name :column="['question' => 1, 'answers' => 2, 'feedback' => 4][$field]"/>
    <textarea name="rows[{{ $place }}][{{ $field }}]" rows="{{ $rows }}" placeholder="{{ $placeholder }}"
        class="cell field-sizing-content min-h-[3.4rem] resize-y"
        aria-label="{{ __("worksheet.preview.cells.{$field}", ['number' => $row->number]) }}">{{ $value }}</textarea>
    {{ $slot }}
</td>
