<x-places :label="__('play.inputs.keys', ['count' => $input['length']])" :length="$input['length']"
    :columns="$input['columns']" look="keys">
    <x-slot:plain>
        @include('play.inputs.slots', ['length' => $input['length'], 'choices' => $screen->choices($input['keys'])])
    </x-slot:plain>
    @foreach ($input['keys'] as $key)
        <button type="button" class="pad-key" data-key="{{ $key['id'] }}" data-say="{{ $screen->saying($key) }}"
            aria-label="{{ $screen->saying($key) }}" {{ $screen->speaks() }}>@include('play.inputs.item', [
                'item' => $key,
            ])</button>
    @endforeach
</x-places>
