{{-- What a teacher can do for one play, without a way round. --}}
<div class="grid gap-2">
    <x-inline :action="route('runs.help', [$run, $row['id']])">
        <input type="hidden" name="way" value="line">
        <input class="min-h-[44px] min-w-0 flex-1 rounded-board border-[1.5px] border-ink bg-white px-3" name="words"
            maxlength="500" required aria-label="{{ __('help.line', ['name' => $row['name']]) }}"
            placeholder="{{ __('help.line_hint') }}">
        <button class="button">{{ __('help.send') }}</button>
    </x-inline>
    <div class="flex flex-wrap items-start gap-2">
        @foreach (['hint' => $row['hint'] !== null, 'open' => $row['need']->lock !== null] as $way => $isPossible)
            @if ($isPossible)
                <x-inline :action="route('runs.help', [$run, $row['id']])">
                    <input type="hidden" name="way" value="{{ $way }}">
                    <input type="hidden" name="on" value="{{ $row['need']->lock }}">
                    <button @class(['button', 'primary' => $way === 'hint'])>{{
                        __("help.{$way}", ['number' => $row['hint']])
                    }}</button>
                </x-inline>
            @endif
        @endforeach
        @if (($row['called'] ?? null) !== null)
            <x-inline :action="route('runs.help', [$run, $row['id']])">
                <input type="hidden" name="way" value="here">
                <button class="button">{{ __('help.here') }}</button>
            </x-inline>
        @endif
        @if ($run->minutes)
            <x-inline :action="route('runs.time', $run)">
                <input type="hidden" name="minutes" value="5">
                <input type="hidden" name="play" value="{{ $row['id'] }}">
                <button class="button">{{ __('help.time') }}</button>
            </x-inline>
        @endif
        <x-inline :action="route('runs.help', [$run, $row['id']])">
            <input type="hidden" name="way" value="move">
            <select name="on" class="min-h-[44px] max-w-44" aria-label="{{ __('help.move_to') }}">
                @foreach ($standing->scenes() as $id => $title)
                    <option value="{{ $id }}" @selected($title === $row['where'])>{{ $title }}</option>
                @endforeach
            </select>
            <button class="button">{{ __('help.move') }}</button>
        </x-inline>
    </div>
</div>
