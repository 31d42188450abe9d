<x-places :label="__('play.inputs.colours', ['count' => $input['length']])" :length="$input['length']" columns="4"
    look="colours">
    <x-slot:plain>
        @include('play.inputs.slots', [
            'length' => $input['length'],
            'choices' => array_combine($input['palette'], array_map($screen->colour(...), $input['palette'])),
        ])
    </x-slot:plain>
    @foreach ($input['palette'] as $colour)
        <button type="button" class="pad-key" data-key="{{ $colour }}" data-say="{{
            $screen->colour($colour)
        }}"><x-swatch :colour="$colour"/><span>{{ $screen->colour($colour) }}</span></button>
    @endforeach
</x-places>
