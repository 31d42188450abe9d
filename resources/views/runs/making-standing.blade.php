@use('App\Report\Making')
@if ($standing['state'] === 'made')
    <p class="mb-3">{{ __('report.making.made') }}</p>
    <p><a class="button primary" href="{{ $address }}">
        @if ($what === Making::FIGURES)
            <x-icon name="eye"/>{{ __('report.making.open') }}
        @else
            <x-icon name="download"/>{{ __('report.making.take') }}
        @endif
    </a></p>
@elseif ($standing['state'] === 'failed')
    <p class="mb-3">{{ __('report.making.failed') }}</p>
    <x-inline :action="route('runs.making.again', [$run, $what])">
        <button class="button primary">{{ __('report.making.again') }}</button>
    </x-inline>
@elseif ($standing['state'] === 'waiting')
    <p>{{ __('report.making.waiting') }}</p>
@else
    <p class="mb-2"><label for="making">{{ __('report.making.far', ['percent' => $standing['percent']]) }}</label></p>
    <p class="making"><progress id="making" max="100" value="{{ $standing['percent'] }}"></progress></p>
    <noscript><p class="mt-3"><a class="button" href="{{ $address }}">{{ __('report.making.look') }}</a></p></noscript>
@endif
