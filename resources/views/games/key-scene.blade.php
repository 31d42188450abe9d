@use('App\Play\Markdown')
<article class="mb-3 break-inside-avoid border-b border-line pb-3">
    <h3 class="flex flex-wrap items-baseline gap-x-3 text-lead font-bold">
        <span {{ $speaks }}>{{ $scene['title'] ?: __('cards.waybill.withoutATitle') }}</span>
        @if ($scene['ending'])
            <span class="text-small font-normal">{{ __("play.endings.{$scene['ending']}") }}</span>
        @elseif ($scene['ways'] !== [])
            <span class="text-small font-normal text-quiet">→ <span {{ $speaks }}>{{
                implode(' · ', $scene['ways'])
            }}</span></span>
        @endif
    </h3>
    @foreach ($scene['locks'] as $lock)
        <div class="mt-2 ml-3 border-l-3 border-edge pl-3.5">
            <p {{ $speaks }}><strong>{{ $lock['label'] }}</strong></p>
            <div class="words" {{ $speaks }}>{!! Markdown::html($lock['ask']) !!}</div>
            @if ($lock['needs'] !== '')
                <p class="text-small">{{ __('games.key.needs', ['what' => $lock['needs']]) }}</p>
            @endif
            <ul class="mt-1 grid gap-1">
                @foreach ($lock['rules'] as $rule)
                    <li class="flex items-start gap-2">
                        <x-mark :verdict="$rule['verdict']" class="mt-0.5"/>
                        <div>
                            <span @class(['font-bold' => $rule['verdict'] === 'open'])>{{ $rule['answer'] }}</span>
                            @if ($rule['go'] !== '')
                                <span class="text-quiet">→ <span {{ $speaks }}>{{ $rule['go'] }}</span></span>
                            @endif
                            @if ($rule['say'] !== '')
                                <div class="words text-small text-quiet" {{ $speaks }}>{!!
                                    Markdown::html($rule['say'])
                                !!}</div>
                            @endif
                        </div>
                    </li>
                @endforeach
            </ul>
            @foreach ($lock['hints'] as $hint)
                <p class="mt-1 flex items-start gap-2 text-small"><x-icon name="lightbulb"/><span {{ $speaks }}>{!!
                    strip_tags(Markdown::html($hint))
                !!}</span></p>
            @endforeach
        </div>
    @endforeach
    @if ($scene['answered'] !== [])
        <ul class="mt-2 ml-3 grid gap-1 border-l-3 border-edge pl-3.5" {{ $speaks }}>
            @foreach ($scene['answered'] as [$front, $back])
                <li>{{ trim(strip_tags(Markdown::html($front))) }} → <strong>{{
                    trim(strip_tags(Markdown::html($back))) ?: '…'
                }}</strong></li>
            @endforeach
        </ul>
    @endif
</article>
