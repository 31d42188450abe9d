@use('Illuminate\Support\Str')
<section id="answers" class="scroll-mt-4 lg:border-l-[1.5px] lg:border-ink lg:pl-6" aria-labelledby="answers-title">
    <p class="caps">{{ __('report.instead') }}</p>
    <h2 class="text-sign" id="answers-title">{{ $report->name($chosen) }}</h2>
    <p class="mb-3">{{ $report->verdict($chosen) }}</p>
    @if ($draft->scene !== null)
        <p class="mb-3"><a class="inline-flex min-h-[44px] items-center" href="{{
            route('games.show', [$run->game_id, 'scene' => $draft->scene, 'thing' => $draft->lock])
        }}">{{ __('report.to_card') }}</a></p>
    @endif
    @if ($chosen->gaps !== [])
        <h3 class="font-[650]">{{ __('report.gaps') }}</h3>
        <ul class="mb-3">
            @foreach ($chosen->gaps as $gap)
                <li class="grid grid-cols-[1fr_auto] items-center gap-3 border-b border-line py-1.5">
                    <span>{{ $report->gap($chosen, $gap->gap) }}
                        <span class="block text-note text-quiet">{{ implode(' · ', array_map(
                            static fn (string|int $words, int $plays): string => "{$words} ({$plays})",
                            array_slice(array_keys($gap->wrong), 0, 5), array_slice($gap->wrong, 0, 5),
                        )) }}</span></span>
                    <x-share :part="$gap->right" :of="$gap->tried"/>
                </li>
            @endforeach
        </ul>
    @endif
    @forelse (array_slice($report->wrong($chosen), 0, 20) as $place => $group)
        <div class="grid grid-cols-[3rem_1fr] gap-x-2 border-t-[1.5px] border-ink py-3">
            <strong class="font-title text-[1.6rem] leading-none" title="{{
                __('report.gave', ['count' => $group['plays']])
            }}"><span aria-hidden="true">{{ $group['plays'] }}</span><span class="hidden-words">{{
                __('report.gave', ['count' => $group['plays']])
            }}</span></strong>
            <div class="grid gap-2">
                <p><strong class="font-code [overflow-wrap:anywhere]">{{ $group['answer'] }}</strong>
                    @if ($group['others'] !== [])
                        <span class="text-note text-quiet">{{ __('report.also', [
                            'others' => implode(' · ', $group['others']),
                        ]) }}</span>
                    @endif
                </p>
                <p class="text-note text-quiet">{{
                    $group['said'] === []
                        ? __('report.reads_none')
                        : __('report.reads', ['words' => Str::limit(implode(' / ', $group['said']), 240)])
                }}</p>
                @if (isset($draft->said[$group['key']]))
                    <p class="text-note">{{ __('report.reads_draft', [
                        'words' => Str::limit($draft->said[$group['key']], 240),
                    ]) }}</p>
                @endif
                {{-- What is asked in rounds has its answers in each of them. --}}
                @if ($chosen->lock->rounds === [])
                    <x-form :action="route('runs.rule', [$run, $chosen->lock->id])" class="report-rule">
                        <input type="hidden" name="group" value="{{ $group['key'] }}">
                        <input name="say" aria-label="{{ __('report.say') }}: {{ $group['answer'] }}"
                            placeholder="{{ __('report.say_hint') }}" maxlength="2000"
                            value="{{ old('group') === $group['key'] ? old('say') : '' }}">
                        @if (old('group') === $group['key'])
                            @error('say')
                                <p class="problem" role="alert">{{ $message }}</p>
                            @enderror
                        @endif
                        <div class="flex flex-wrap gap-2.5">
                            <button class="button primary">{{ __('report.say_it') }}</button>
                            <button class="button" name="accept" value="1">{{ __('report.accept') }}</button>
                        </div>
                    </x-form>
                @endif
            </div>
        </div>
    @empty
        <p class="border-t-[1.5px] border-ink py-3">{{ __('report.none') }}</p>
    @endforelse
</section>
