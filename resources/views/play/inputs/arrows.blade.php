<x-places :label="__('play.inputs.arrows', ['count' => $input['length']])" :length="$input['length']" columns="3"
    look="arrows">
    <x-slot:plain>
        <p class="help">{{ __('play.inputs.letters') }}</p>
        <input name="with" value="{{ is_string($typed) ? $typed : '' }}" maxlength="{{ $input['length'] }}"
            autocapitalize="characters" autocomplete="off" class="digits-input"
            aria-label="{{ __('play.inputs.directions') }}">
    </x-slot:plain>
    @foreach (['U' => 'up', 'L' => 'left', 'R' => 'right', 'D' => 'down'] as $letter => $way)
        <button type="button" class="pad-key pad-{{ $way }}" data-key="{{ $letter }}"
            data-say="{{ __("play.inputs.ways.{$way}") }}" aria-label="{{ __("play.inputs.ways.{$way}") }}"><x-icon
            name="arrow-{{ $way }}"/></button>
    @endforeach
</x-places>
