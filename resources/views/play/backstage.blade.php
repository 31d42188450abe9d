<h2 class="caps">{{ __('rehearsal.title') }}</h2>
@if ($backstage->ahead !== [])
    <section class="grid gap-1.5 bg-lamp px-3.5 py-3">
        <h3 class="backstage-head border-ink">{{ __('rehearsal.ahead') }}</h3>
        <p>{{ $backstage->ahead[0] }}</p>
        <form method="post" action="{{ route('rehearsal.step', $game, false) }}">
            @csrf
            <button class="button border-ink bg-ink text-paper hover:bg-deep">{{ __('rehearsal.step') }}</button>
        </form>
        @if (count($backstage->ahead) > 1)
            <form method="post" action="{{ route('rehearsal.step', $game, false) }}">
                @csrf
                <input type="hidden" name="count" value="{{ count($backstage->ahead) }}">
                <button class="link min-h-[36px]">
                    {{ __('rehearsal.all', ['count' => count($backstage->ahead)]) }}
                </button>
            </form>
        @endif
    </section>
@endif
<section>
    <h3 class="backstage-head">{{ __('rehearsal.caught') }}</h3>
    <p>{{ $backstage->caught }}</p>
</section>
<section>
    <h3 class="backstage-head">{{ __('rehearsal.holds') }}</h3>
    <p>{{ $backstage->holds === [] ? __('rehearsal.nothing') : implode(', ', $backstage->holds) }}</p>
</section>
@if ($backstage->tallies !== [])
    <section>
        <h3 class="backstage-head">{{ __('rehearsal.tallies') }}</h3>
        <ul>
            @foreach ($backstage->tallies as $name => $value)
                <li>{{ $name }} <strong>{{ $value }}</strong></li>
            @endforeach
        </ul>
    </section>
@endif
@if ($backstage->hidden !== [])
    <section>
        <h3 class="backstage-head">{{ __('rehearsal.hidden') }}</h3>
        <ul>
            @foreach ($backstage->hidden as $one)
                <li>{{ $one['thing'] }}: {{ __('rehearsal.shownTo', ['condition' => $one['when']]) }}</li>
            @endforeach
        </ul>
    </section>
@endif
@include('play.begin')
<section>
    <h3 class="backstage-head">{{ __('rehearsal.walkthroughs') }}</h3>
    <ul class="backstage-walks">
        @foreach ($backstage->walkthroughs as $id => $name)
            <li class="flex items-center justify-between">
                <form method="post" action="{{ route('rehearsal.walk', $game, false) }}">
                    @csrf
                    <input type="hidden" name="walkthrough" value="{{ $id }}">
                    <button class="link min-h-[36px]">{{ __('rehearsal.walk', ['name' => $name]) }}</button>
                </form>
                <form method="post" action="{{ route('rehearsal.forget', $game, false) }}">
                    @csrf
                    <input type="hidden" name="walkthrough" value="{{ $id }}">
                    <button class="grid h-9 w-9 cursor-pointer place-items-center"
                        aria-label="{{ __('rehearsal.forget', ['name' => $name]) }}"><x-icon name="x"/></button>
                </form>
            </li>
        @endforeach
    </ul>
    @if ($backstage->steps > 0)
        <form method="post" action="{{ route('rehearsal.keep', $game, false) }}" class="backstage-keep grid gap-1.5">
            @csrf
            <label class="field">
                <span>{{ __('rehearsal.record') }}</span>
                <input name="name" maxlength="80" placeholder="{{ __('rehearsal.name') }}">
            </label>
            <button class="button justify-self-start">{{ __('rehearsal.keep') }}</button>
        </form>
    @endif
</section>
