@include('play.inputs.slots', ['legend' => $input['length'].' colours', 'length' => $input['length'], 'choices' => array_combine($input['palette'], $input['palette'])])
