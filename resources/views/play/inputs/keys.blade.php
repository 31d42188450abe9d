@include('play.inputs.slots', [
    'legend' => __('play.inputs.keys', ['count' => $input['length']]),
    'length' => $input['length'],
    'choices' => $screen->choices($input['keys']),
])
