<?php

return [
    'unnamed' => 'My class',
    'deleted' => 'The run of “:title” and all its plays are deleted.',
    'joining_kept' => 'Kept: that is who may join from now on.',
    'removed' => 'The play of :name is gone for good.',
    'guesses' => 'guesses at “:lock”',
    'list' => 'A list of the class',
    'names' => 'Names, one a line',
    'names_help' => 'Only they may join then. Leave it empty, and anybody with the code may.',
    'ended' => ['won' => 'Won', 'lost' => 'Lost', 'open' => 'Finished'],
    'columns' => [
        'name' => 'Name', 'group' => 'Group', 'where' => 'Scene', 'open' => 'Locks open', 'tries' => 'Wrong tries',
        'time' => 'Time', 'ended' => 'Ending', 'finished' => 'Finished at (UTC)',
    ],
];
