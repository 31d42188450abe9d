@use('App\View\RunStanding')
{{-- One who is stuck, and what can be done at once. --}}
<div data-need="{{ $row['id'] }}" data-address="{{ route('runs.need', [$run, $row['id']], false) }}"
    class="need mb-2.5 grid gap-2 border-l-8 border-signal bg-signal-tint px-4 py-3">
    <div>
        <p class="flex flex-wrap items-baseline gap-x-4"><strong class="font-title text-sign">{{
            $row['name']
        }}</strong></p>
        @if ($row['called'] !== null)
            <p class="called"><x-icon name="hand"/>{{
                __('help.calls_for', ['time' => RunStanding::clock($row['called'])])
            }}</p>
        @endif
        <p>
            {{ implode(' ', array_filter([
                $row['lock'] === null ? __('help.in', [
                    'scene' => $row['where'], 'time' => RunStanding::clock($row['need']->seconds),
                ]) : __('help.at', ['lock' => $row['lock'], 'time' => RunStanding::clock($row['need']->seconds)]),
                __('help.tries', ['count' => $row['need']->tries]),
            ])) }}.
            @if ($row['need']->median !== null)
                {{ __('help.class', ['time' => RunStanding::clock($row['need']->median)]) }}
            @endif
            @if ($row['guesses'] !== null)
                {{ __('help.stopped') }}
            @endif
        </p>
        @if (($last[$row['id']] ?? '') !== '')
            <p>{{ __('help.last') }} <strong class="font-code [overflow-wrap:anywhere]">{{
                $last[$row['id']]
            }}</strong></p>
        @endif
    </div>
    @include('runs.help')
</div>
