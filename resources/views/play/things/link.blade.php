<div class="words" {{ $screen->speaks() }}>{!! $screen->html($thing['md']) !!}</div>
@if ($thing['url'] !== '')
    <a class="button" href="{{ $thing['url'] }}" target="_blank" rel="noopener noreferrer">
        <x-icon name="external-link"/>{{ $thing['label'] ?: parse_url($thing['url'], PHP_URL_HOST) }}
    </a>
@endif
