<x-places :label="__('play.inputs.digits', ['count' => $input['length']])" :length="$input['length']" columns="5"
    look="digits">
    <x-slot:plain>
        <input name="with" value="{{ is_string($typed) ? $typed : '' }}" inputmode="numeric" autocomplete="off"
            maxlength="{{ $input['length'] }}" size="{{ $input['length'] }}" aria-describedby="ask-{{ $id }}"
            aria-label="{{ __('play.inputs.answer') }}" class="digits-input">
    </x-slot:plain>
    @foreach ([1, 2, 3, 4, 5, 6, 7, 8, 9, 0] as $digit)
        <button type="button" class="pad-key" data-key="{{ $digit }}" data-say="{{ $digit }}">{{ $digit }}</button>
    @endforeach
</x-places>
