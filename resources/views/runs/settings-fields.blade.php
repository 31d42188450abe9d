{{-- How a class plays: what a teacher settles for a new run, and may change later. --}}
@props(['run', 'fixed' => false])
@use('App\View\Moment')
<x-field name="label" :label="__('runs.new.whom')" :value="$run->label ?? ''" placeholder="{{ __('runs.unnamed') }}"
    maxlength="80"/>
<fieldset class="grid gap-1">
    <legend class="font-[650]">{{ __('runs.settings.who') }}</legend>
    @foreach (['each', 'teams', 'class'] as $mode)
        <label class="tick">
            <input type="radio" name="plays_as" value="{{ $mode }}" @disabled($fixed)
                @checked(old('plays_as', $run->plays_as) === $mode)>
            <span>{{ __("runs.settings.mode.{$mode}") }}
                <small class="block text-note text-quiet">{{ __("runs.settings.about.{$mode}") }}</small></span>
        </label>
    @endforeach
    @if ($fixed)
        <p class="help">{{ __('runs.settings.fixed') }}</p>
    @endif
</fieldset>
<x-field name="minutes" type="number" :label="__('runs.new.minutes')" :value="(string) $run->minutes" min="1"
    max="1440" placeholder="{{ __('runs.new.no_limit') }}"/>
<x-more :title="__('runs.settings.joining')" class="grid gap-4.5" :open="$errors->hasAny(['groups', 'names'])">
    <div class="grid gap-4.5 py-2">
        <x-switch name="asks_group" :on="$run->asks_group" :label="__('runs.new.group')"/>
        <div class="field">
            <label for="field-groups">{{ __('runs.settings.groups') }}</label>
            <textarea id="field-groups" name="groups" rows="3" aria-describedby="groups-help">{{
                implode(PHP_EOL, $run->groups ?? [])
            }}</textarea>
            <p class="help" id="groups-help">{{ __('runs.settings.groups_help') }}</p>
        </div>
        <x-switch name="asks_address" :on="$run->asks_address" :label="__('runs.settings.address')"/>
        @if ($run->exists)
            <x-switch name="takes_new" :on="$run->takes_new" :label="__('runs.takes_new')"/>
        @endif
        <x-names :label="__('runs.names')" :value="implode(PHP_EOL, $run->names ?? [])"/>
    </div>
</x-more>
<x-more :title="__('runs.settings.times')" :open="$errors->hasAny(['opens_at', 'closes_at', 'erase_on'])">
    <div class="grid gap-4.5 py-2 sm:grid-cols-2">
        @foreach (['opens_at', 'closes_at'] as $time)
            <x-field :name="$time" type="datetime-local" :value="Moment::typed($run->$time, Moment::zone())"
                :label="__('runs.settings.'.$time, ['zone' => Moment::zoneName()])"/>
        @endforeach
        <x-field name="erase_on" type="date" :label="__('runs.settings.erase_on')" :value="$run->erase_on"
            :help="__('runs.settings.erase_help')"/>
    </div>
</x-more>
<x-more :title="__('runs.settings.may')">
    <div class="grid gap-1 py-2">
        @foreach ([
            'gives_hints', 'gives_receipts', 'plays_again', 'shows_order', 'gives_certificates', 'shows_wall',
        ] as $may)
            <x-switch :name="$may" :on="$run->$may" :label="__('runs.settings.'.$may)"/>
        @endforeach
    </div>
</x-more>
