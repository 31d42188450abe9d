{{-- How often students were led to a passage of a film, to see it again or to begin there. --}}
@if ($report->passages !== [])
    <section class="mt-8" aria-labelledby="passages">
        <h2 class="text-sign" id="passages">{{ __('report.passages.title') }}</h2>
        <ul class="mt-2 grid gap-1">
            @foreach ($report->passages as $one)
                <li><strong>{{ $one->moment->title }}</strong>
                    <span class="text-note text-quiet">{{ $report->called($one->scene) }} · {{
                        \Fravel\Document\Showing::clock((int) $one->moment->at)
                    }}</span>
                    {{ __($one->moment->until === null ? 'report.passages.begun' : 'report.passages.again', [
                        'plays' => $one->plays, 'times' => $one->times,
                    ]) }}</li>
            @endforeach
        </ul>
    </section>
@endif
