{{-- The names of those who may join, one in each line. --}}
@props(['label', 'value' => ''])
<div class="field">
    <label for="field-names">{{ $label }}</label>
    <textarea id="field-names" name="names" rows="6" aria-describedby="names-help">{{ $value }}</textarea>
    <p class="help" id="names-help">{{ __('runs.names_help') }}</p>
</div>
