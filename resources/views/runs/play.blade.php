@use('App\View\Moment')
@use('App\View\RunStanding')
<x-layout.teacher :title="__('report.trail_of', ['name' => $play->name])" page="trail" :words="$words"
    width="max-w-[76rem]">
    @include('runs.views', ['here' => ''])
    <h1 class="mb-1">{{ __('report.trail_of', ['name' => $play->name]) }}</h1>
    <p class="mb-4 text-quiet">
        {{ __('report.began', ['time' => Moment::exactly($play->started_at)]) }} {{ Moment::zoneName() }}
        @if ($play->ended_at)
            · {{ __('report.ended', ['time' => RunStanding::clock($play->ended_at - $play->started_at)]) }}
        @endif
        {{ __('report.restarts', ['count' => $trail->log->restarts()]) }}
    </p>
    @if ($play->members->isNotEmpty())
        <p class="mb-3">{{ __('report.members', ['names' => $play->members->pluck('name')->implode(', ')]) }}</p>
    @endif
    @if ($play->address)
        <p class="mb-3">{{ $play->address }}</p>
    @endif
    @if ($standing && ($row = $standing->rowOf($play->id)))
        <x-more :title="__('help.help', ['name' => $play->name])" class="mb-4 max-w-[34rem]">
            <div class="py-2">@include('runs.help')</div>
        </x-more>
    @endif
    <div class="mb-4 flex flex-wrap items-start gap-x-6">
        <x-danger :title="__('runs.reset.one', ['name' => $play->name])" :action="route('runs.reset', $run)"
            method="post" :words="__('runs.reset.one_help')" :button="__('runs.reset.one', ['name' => $play->name])">
            <input type="hidden" name="play" value="{{ $play->id }}">
        </x-danger>
        <x-danger :title="__('runs.standing.remove_one', ['name' => $play->name])"
            :action="route('runs.remove', [$run, $play])" :words="__('runs.standing.gone', ['name' => $play->name])"
            :button="__('runs.standing.remove_one', ['name' => $play->name])"/>
    </div>
    @if ($trail->steps === [])
        <p>{{ __('report.trail_none') }}</p>
    @else
        <div id="trail-map" class="run-map" data-address="{{ route('runs.map', $run, false) }}"
            data-trail="{{ json_encode($trail->visits()) }}"></div>
        <table class="w-full">
            <thead class="max-sm:sr-only">
                <tr>
                    @foreach (['at', 'after', 'where', 'what', 'read'] as $column)
                        <x-ledger.head>{{ __("report.step.{$column}") }}</x-ledger.head>
                    @endforeach
                </tr>
            </thead>
            <tbody>
                @foreach ($trail->steps as $step)
                    <tr class="border-b border-line align-top max-sm:grid max-sm:grid-cols-[4rem_1fr] max-sm:gap-x-3
                        max-sm:py-2 max-sm:[&>:nth-child(n+3)]:col-span-2">
                        <x-ledger.cell><time class="font-code">{{ Moment::time($step['at']) }}</time></x-ledger.cell>
                        <x-ledger.cell><span class="font-code text-quiet">+{{ $step['after'] }}</span></x-ledger.cell>
                        <x-ledger.cell>{{ $step['scene'] }}</x-ledger.cell>
                        <x-ledger.cell>
                            @if ($step['by'] !== '')
                                <span class="text-quiet">{{ $step['by'] }}:</span>
                            @endif
                            @if ($step['lock'] !== null)
                                <x-mark :verdict="$step['verdict']" class="inline-block size-5 align-[-0.25em]"/>
                                <span class="hidden-words">{{ __("report.verdict.{$step['verdict']}") }}:</span>
                                <strong class="font-code [overflow-wrap:anywhere]">{{ $step['answer'] }}</strong>
                                <span class="text-note text-quiet">{{ $step['lock'] }}</span>
                            @else
                                {{ $step['did'] }}
                            @endif
                            @if ($step['led'] !== null)
                                <span class="block text-note">{{ __('report.led', ['scene' => $step['led']]) }}</span>
                            @endif
                        </x-ledger.cell>
                        <x-ledger.cell><span class="text-note">{{ implode(' ', $step['said']) }}</span></x-ledger.cell>
                    </tr>
                @endforeach
            </tbody>
        </table>
    @endif
</x-layout.teacher>
