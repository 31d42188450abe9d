@use('App\Report\Making')
{{-- The report of a large run, or an export of it, is being made: how far it is, and then where it is. --}}
<x-layout.teacher :title="__('report.making.title').' · '.$run->game->title" page="run" width="max-w-[92rem]">
    @include('runs.views', ['here' => $what === Making::FIGURES ? 'title' : ''])
    <h1 class="mb-2 text-head">{{ __("report.making.what.{$what}") }}</h1>
    <p class="mb-5 max-w-[46rem]">{{ __('report.making.why', ['count' => $run->plays()->count()]) }}</p>
    <div id="standing" aria-live="polite" data-address="{{ route('runs.making', [$run, $what], false) }}"
        data-refresh="1">@include('runs.making-standing')</div>
    @if ($what !== Making::FIGURES)
        <p class="mt-6"><a class="link inline-flex min-h-[44px] items-center" href="{{
            route('runs.report', $run)
        }}">{{ __('report.making.back') }}</a></p>
    @endif
</x-layout.teacher>
