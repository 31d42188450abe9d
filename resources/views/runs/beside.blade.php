@use('App\View\Votes')
{{-- Beside the scene at the front: how to join, how the vote stands, and earlier votes. In the teacher's language. --}}
<aside class="grid content-start gap-5 self-start rounded-board bg-ink/90 p-4"
    lang="{{ app()->getLocale() }}" aria-label="{{ __('front.title') }}">
    <p class="flex flex-wrap items-baseline justify-between gap-3 border-b-[1.5px] border-deep pb-2">
        <a class="font-code text-[2rem] font-bold tracking-[0.1em] text-lamp no-underline"
            href="{{ route('runs.projector', $run) }}" aria-label="{{ __('front.join', ['code' => $run->code]) }}">{{
            $run->code
        }}</a>
        <a href="{{ route('runs.show', $run) }}">{{ __('runs.projector.back') }}</a>
    </p>
    @if (session('status'))
        <p class="notice" role="status">{{ session('status') }}</p>
    @endif
    <div id="votes" class="grid gap-3" data-address="{{ route('runs.votes', $run, false) }}"
        data-pulse="{{ App\Storage\Pulse::address('votes '.$votes->ballot->play_id) }}"
        data-refresh="1">@include('runs.votes')</div>
    @if ($earlier->isNotEmpty())
        <x-more :title="__('front.earlier')">
            <ol class="grid gap-3 py-2 text-small" reversed>
                @foreach ($earlier as $ballot)
                    <li>
                        <strong>{{ Votes::words($game, $ballot->result) }}</strong>
                        <ul>
                            @foreach ($ballot->counts as $row)
                                @if ($row['action'] !== $ballot->result)
                                    <li><a class="inline-flex min-h-[36px] items-center"
                                        href="{{ route('runs.instead', [$run, $ballot, $row['key']]) }}">{{
                                            Votes::words($game, $row['action'])
                                        }} ({{ $row['count'] }})</a></li>
                                @endif
                            @endforeach
                        </ul>
                    </li>
                @endforeach
            </ol>
        </x-more>
    @endif
</aside>
