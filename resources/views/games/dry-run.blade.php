@use('App\View\RunStanding')
<x-layout.teacher :title="__('dry.title')" width="max-w-[60rem]">
    <x-title :under="$game->title" :href="route('games.show', $game)">{{ __('dry.title') }}</x-title>
    @if ($dry !== null && $dry->students > 0)
        <p class="mb-4 max-w-[46rem]"><strong>{{ __('dry.estimate') }}</strong> {{
            __('dry.help', ['count' => $dry->students])
        }}</p>
    @endif
    @if ($dry !== null && $dry->students < $dry->wanted)
        <p class="notice">{{ __('dry.fewer', ['students' => $dry->students, 'wanted' => $dry->wanted]) }}</p>
    @endif
    @if ($dry?->students === 0)
    @elseif ($dry === null || ($dry->times() === null && $dry->report->locks === []))
        <p class="notice">{{ __('dry.nothing') }}</p>
    @else
        <form method="get" class="mb-6 flex flex-wrap items-end gap-3">
            <x-field name="minutes" type="number" :label="__('dry.minutes')" :value="(string) $minutes" min="1"
                max="240"/>
            <button class="button">{{ __('dry.again') }}</button>
        </form>
        <dl class="mb-8 grid gap-6 sm:grid-cols-2">
            <div>
                <dt class="caps">{{ __('dry.times') }}</dt>
                @if ($dry->times())
                    <dd><span class="font-title text-[2.4rem] leading-none font-bold">{{
                        __('dry.in_minutes', ['count' => $dry->times()['median']])
                    }}</span> {{ __('dry.between', $dry->times()) }}</dd>
                @else
                    <dd>{{ __('dry.endless') }}</dd>
                @endif
            </div>
            @if ($dry->times())
                <div>
                    <dt class="caps">{{ __('dry.within', ['count' => $minutes]) }}</dt>
                    <dd><x-share :part="$dry->within()" :of="$dry->students"
                        :low="$dry->within() < $dry->students / 2"/></dd>
                </div>
            @endif
        </dl>
        @if ($dry->stickingPoints() !== [])
            <h2 class="mb-2 text-sign">{{ __('dry.sticking') }}</h2>
            <p class="text-note text-quiet">{{ __('dry.columns') }}</p>
            <ol class="mb-8">
                @foreach ($dry->stickingPoints() as $one)
                    <li class="grid items-center gap-x-6 border-b border-line py-2 sm:grid-cols-[1fr_auto_auto]">
                        <span><a class="font-[650]" href="{{ route('games.show', [$game, 'scene' => $one->scene]) }}">{{
                            $dry->report->name($one)
                        }}</a> <span class="text-note text-quiet">{{ $dry->report->scene($one) }}</span></span>
                        <x-share :part="$one->firstTry" :of="$one->tried" :low="$one->rate() < 0.5"/>
                        <span class="font-code text-note text-quiet">{{
                            $one->seconds ? RunStanding::clock((int) round($one->seconds->high)) : '–'
                        }}</span>
                    </li>
                @endforeach
            </ol>
        @endif
        @if ($dry->report->unseen() !== [])
            <h2 class="mb-2 text-sign">{{ __('dry.unseen') }}</h2>
            <p class="mb-8">{{ implode(' · ', $dry->report->unseen()) }}</p>
        @endif
        <x-more :title="__('dry.how')">
            <ul class="list-disc py-2 pl-5">
                @foreach (__('dry.assumptions') as $assumption)
                    <li>{{ $assumption }}</li>
                @endforeach
            </ul>
        </x-more>
    @endif
    <p class="mt-6"><a class="button primary" href="{{ route('runs.create', $game) }}">{{
        __('runs.new.title')
    }}</a></p>
</x-layout.teacher>
