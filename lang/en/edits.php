<?php

return [
    'refused' => [
        'edit' => ['busy' => 'Too much happens to this game at once. Your last change was not taken; try it again.', 'conflict' => 'Another tab changed the same thing meanwhile (:label). Your last change was not taken; this is how the game stands now.'],
        'part' => ['gone' => 'That part was deleted meanwhile. Your last change was not taken; everything else is kept.', 'malformed' => 'That part has no proper shape. Nothing was changed.'],
        'id' => ['taken' => 'That is in the game already. Nothing was changed.', 'twice' => 'That is in the game already. Nothing was changed.', 'malformed' => 'That part has no proper name. Nothing was changed.'],
        'field' => ['fixed' => 'That can’t be changed like this. Nothing was changed.'],
        'document' => ['large' => 'The game would be larger than :most MB. The change was not taken; everything else is kept.'],
        'copies' => ['many' => 'That would make too many copies at once: :most parts are the most. Nothing was changed.'],
        'command' => ['large' => 'That change is larger than :most MB. It was not taken; everything else is kept.', 'unknown' => 'That change was not understood. Nothing was changed.'],
        'history' => ['start' => 'There is nothing to undo.', 'end' => 'There is nothing to do again.'],
        'pattern' => ['malformed' => 'That pattern can’t be read (:fault). The one before it is kept.'],
        'text' => ['long' => 'That is compared with answers and may have :most characters; it has :found. What was there before is kept.'],
        'lock' => ['heavy' => 'With that, students would have to wait while their answers are compared. The rules before it are kept.'],
        'unit' => ['unknown' => '“:found” is no unit Fravel knows. The one before it is kept.'],
        'shape' => ['wrong' => 'That should be :expected. The change was not taken; what was there before is kept.'],
        'other' => 'That change was not taken; what was there before is kept.',
    ],
];
