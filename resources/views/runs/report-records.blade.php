@use('App\Records\RecordQueue')
@use('App\View\Moment')
{{-- Learning records: as a file, and to the receiver. --}}
@php($records = RecordQueue::standing($run))
<section class="mt-6 flex flex-wrap items-center gap-3.5" aria-label="{{ __('records.title') }}">
    <a class="button" href="{{ route('runs.records', $run) }}"><x-icon name="download"/>{{ __('records.file') }}</a>
    <x-inline :action="route('runs.records.send', $run)">
        <button class="button">{{ __($records['waiting'] > 0 ? 'records.again' : 'records.send') }}</button>
    </x-inline>
    <span class="text-note text-quiet">
        @if ($records['sent'] + $records['waiting'] > 0)
            {{ __('records.standing', ['sent' => $records['sent'], 'of' => $records['sent'] + $records['waiting']]) }}
        @endif
        @if ($records['next'])
            {{ __('records.next', ['time' => Moment::of($records['next'])]) }}
        @endif
        <a href="{{ route('receiver') }}">{{ __('records.receiver') }}</a>
    </span>
</section>
