{{-- A guess before the cover is lifted, and what the student says of it after. --}}
@if (! $thing['lifted'])
    <form method="post" action="{{ $frame->address }}" class="act grid gap-2.5">
        @include('play.fields', ['verb' => 'lift', 'on' => $thing['id']])
        <label class="grid gap-1">
            <span>{{ __('play.guess.ask') }}</span>
            <input name="with" maxlength="200" autocomplete="off" class="min-h-[48px] bg-white px-3 text-ink">
        </label>
        <button class="button primary">{{ __('play.guess.lift') }}</button>
    </form>
@else
    <p>{{ __('play.guess.was') }}: <strong {{ $screen->speaks() }}>{{ $thing['guess'] }}</strong></p>
    <div class="flex flex-wrap gap-2.5">
        @foreach (['right', 'wrong'] as $judged)
            <form method="post" action="{{ $frame->address }}" class="act">
                @include('play.fields', ['verb' => 'judge', 'on' => $thing['id']])
                <input type="hidden" name="with" value="{{ $judged }}">
                <button class="button" aria-pressed="{{ $thing['judged'] === $judged ? 'true' : 'false' }}">
                    @if ($thing['judged'] === $judged)
                        <x-mark :verdict="$judged === 'right' ? 'open' : 'wrong'"/>
                    @endif
                    {{ __("play.guess.{$judged}") }}
                </button>
            </form>
        @endforeach
        @if ($thing['toggle'])
            <form method="post" action="{{ $frame->address }}" class="act">
                @include('play.fields', ['verb' => 'lower', 'on' => $thing['id']])
                <button class="link min-h-[44px]">{{ __('play.lower', ['thing' => $thing['label']]) }}</button>
            </form>
        @endif
    </div>
@endif
