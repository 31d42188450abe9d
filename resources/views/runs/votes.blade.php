@php($leaders = $votes->leaders())
<h2 class="caps">{{ __('front.votes', ['count' => $votes->cast()]) }}</h2>
<p class="text-small text-mist">{{ __('front.here', ['here' => $votes->here]) }}</p>
@forelse ($votes->rows as $row)
    <div class="grid gap-1">
        <p class="flex items-baseline justify-between gap-3">
            <span>{{ $row['words'] }}</span>
            <strong class="font-title text-[1.6rem] leading-none">{{ $row['count'] }}</strong>
        </p>
        <div class="flex items-center gap-2">
            <progress class="vote-bar flex-1" max="100" value="{{ $row['share'] }}"
                aria-label="{{ $row['words'] }}">{{ $row['share'] }} %</progress>
            @foreach ([-1 => 'minus', 1 => 'plus'] as $by => $sign)
                <form method="post" action="{{ route('runs.hand', $run) }}">
                    @csrf
                    <input type="hidden" name="key" value="{{ $row['key'] }}">
                    <input type="hidden" name="by" value="{{ $by }}">
                    <button class="button size-[44px] p-0" aria-label="{{
                        __("front.hand.{$sign}", ['what' => $row['words']])
                    }}"><x-icon :name="$sign"/></button>
                </form>
            @endforeach
        </div>
    </div>
@empty
    <p>{{ __('front.nothing') }}</p>
@endforelse
@if (count($leaders) > 1)
    <p><strong>{{ __('front.tie') }}</strong></p>
    <div class="flex flex-wrap gap-2">
        @foreach ([...array_map(fn (array $row): array => [$row['key'], $row['words']], $leaders),
            ['lots', __('front.lots')]] as [$key, $words])
            <x-inline :action="route('runs.decide', $run)">
                <input type="hidden" name="tie" value="{{ $key }}">
                <button class="button">{{ $words }}</button>
            </x-inline>
        @endforeach
    </div>
@elseif ($leaders !== [])
    <x-inline :action="route('runs.decide', $run)">
        <button class="button primary big">{{ __('front.close') }}</button>
    </x-inline>
@elseif ($votes->rows !== [])
    <p class="text-mist">{{ __('front.how') }}</p>
@endif
