<?php

return [
    'whole' => '“:title” is on your shelf, whole as it was taken away.',
    'with_notes' => '“:title” is on your shelf. What was wrong with the file, and what became of it:',
    'left' => '{count|=1 One thing in it was not understood and is left out; the rest is kept:|:count things in it '
        .'were not understood and are left out; the rest is kept:}',
    'in' => 'In “:scene”: :said',
    'picture' => '“:picture” could not be taken. :why',
    'open' => '{count|=1 One thing leads to or names what is not there; the check shows where.|:count things lead to '
        .'or name what is not there; the check shows where.}',
    'more' => 'and :count more like these.',
    'refused' => [
        'none' => 'Choose the file of a game first.',
        'lost' => 'The file did not arrive whole. Nothing was changed; try it once more.',
        'large' => 'That file is larger than :most MB. Nothing was changed.',
        'no_package' => 'That is no file of a game. Your shelf is as it was.',
        'no_document' => 'That archive holds no game. Your shelf is as it was.',
        'broken_document' => 'The game in that file breaks off or is damaged. Your shelf is as it was.',
        'other_version' => 'That game was made with a version that is not known here. Your shelf is as it was.',
        'no_game' => 'Nothing in that file could be kept as a scene. Your shelf is as it was.',
    ],
];
