@use('App\View\Moment')
<x-layout.base :title="__('play.join.titled', ['code' => $run->code])" body="player" page="join">
    <x-layout.card :sign="$run->code">
        <h1 {{ $run->edition->speaks() }}>{{ $run->edition->title() }}</h1>
        @if ($problem)
            <p class="notice bad" role="alert">{{ $problem }}</p>
        @endif
        @if ($run->isClosed())
            <p class="notice">{{ __('play.join.closed') }}</p>
        @elseif ($run->isEarly())
            <p class="notice">{{ __('play.join.early', ['time' => Moment::of($run->opens_at, $run->zone)]) }}</p>
        @elseif (! $run->takes_new)
            <p class="notice">{{ __('play.join.complete') }}</p>
        @else
            <form method="post" action="/p/{{ $run->code }}/join" class="grid gap-4.5">
                <x-join-field name="name" :label="__(match (true) {
                    $run->names !== null => 'play.join.listed',
                    $run->hasTeams() => 'play.join.team',
                    default => 'play.join.call',
                })" :value="$name" required :autofocus="! $again"/>
                @if ($run->hasTeams())
                    <x-join-field name="member" :label="__('play.join.member')" :value="$member" required/>
                @endif
                @if ($run->asks_group && $run->groups)
                    <div class="field">
                        <label for="group">{{ __('play.join.group') }}</label>
                        <select id="group" name="group" required>
                            <option value="">{{ __('play.join.pick') }}</option>
                            @foreach ($run->groups as $group)
                                <option>{{ $group }}</option>
                            @endforeach
                        </select>
                    </div>
                @elseif ($run->asks_group)
                    <x-join-field name="group" :label="__('play.join.group')"/>
                @endif
                @if ($run->asks_address)
                    <x-join-field name="address" type="email" :label="__('play.join.address')" maxlength="120"/>
                @endif
                <button class="button primary big">{{ __('play.join.begin') }}</button>
            </form>
        @endif
        @if ($run->plays_as !== 'class')
        <x-more :title="__($run->hasTeams() ? 'play.join.team_again' : 'play.join.again')"
            :open="$again || $typed || ! $run->takes_new">
            <form method="post" action="/p/{{ $run->code }}/again" class="mt-3.5 grid gap-4.5">
                <x-join-field name="name" id="again-name" :value="$name" required
                    :label="__($run->hasTeams() ? 'play.join.team_name' : 'play.rejoin.name')"/>
                <x-join-field name="words" maxlength="60" autocapitalize="none" required
                    :label="__($run->hasTeams() ? 'play.join.team_words' : 'play.rejoin.words')"/>
                @if ($run->hasTeams())
                    <x-join-field name="member" id="again-member" :label="__('play.join.member')" :value="$member"
                        required/>
                @endif
                @if ($typed)
                    @include('join.typed')
                @endif
                <button class="button primary">{{ __('play.join.return') }}</button>
            </form>
        </x-more>
        @endif
    </x-layout.card>
</x-layout.base>
