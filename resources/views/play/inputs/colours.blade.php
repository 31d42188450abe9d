@include('play.inputs.slots', [
    'legend' => __('play.inputs.colours', ['count' => $input['length']]),
    'length' => $input['length'],
    'choices' => array_combine($input['palette'], array_map($screen->colour(...), $input['palette'])),
])
