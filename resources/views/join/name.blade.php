<x-layout.base :title="__('play.join.titled', ['code' => $run->code])" body="player" page="join">
    <x-layout.card :sign="$run->code">
        <h1 {{ $run->edition->speaks() }}>{{ $run->edition->title() }}</h1>
        @if ($problem)
            <p class="notice bad" role="alert">{{ $problem }}</p>
        @endif
        @unless ($run->isOpen())
            <p class="notice">{{ __('play.join.closed') }}</p>
        @endunless
        @if ($run->isOpen() && ! $run->takes_new)
            <p class="notice">{{ __('play.join.complete') }}</p>
        @endif
        @if ($run->isOpen() && $run->takes_new)
            <form method="post" action="/p/{{ $run->code }}/join" class="grid gap-4.5">
                <x-join-field name="name" :label="__($run->names === null ? 'play.join.call' : 'play.join.listed')"
                    :value="$name" required :autofocus="! $again"/>
                @if ($run->asks_group)
                    <x-join-field name="group" :label="__('play.join.group')"/>
                @endif
                <button class="button primary big">{{ __('play.join.begin') }}</button>
            </form>
        @endif
        <x-more :title="__('play.join.again')" :open="$again || $typed || ! $run->takes_new">
            <form method="post" action="/p/{{ $run->code }}/again" class="mt-3.5 grid gap-4.5">
                <x-join-field name="name" id="again-name" :label="__('play.rejoin.name')" :value="$name" required/>
                <x-join-field name="words" :label="__('play.rejoin.words')" maxlength="60" autocapitalize="none"
                    required/>
                @if ($typed)
                    @include('join.typed')
                @endif
                <button class="button primary">{{ __('play.join.return') }}</button>
            </form>
        </x-more>
    </x-layout.card>
</x-layout.base>
