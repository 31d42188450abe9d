{{-- The name of a column over its cell, where the row is a card; what is read out is said by the cell itself. --}}
@props(['column'])
<span class="caps mb-1 block desk:hidden" aria-hidden="true">{{ __('worksheet.preview.columns')[$column] }}</span>
