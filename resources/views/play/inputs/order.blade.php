@include('play.inputs.slots', [
    'legend' => __('play.inputs.order'),
    'length' => count($input['items']),
    'choices' => $screen->choices($input['items']),
])
