<?php

return [
    'unnamed' => 'My class',
    'deleted' => 'The run of “:title” and all its plays are deleted.',
    'ended' => ['won' => 'Won', 'lost' => 'Lost', 'open' => 'Finished'],
    'columns' => [
        'name' => 'Name', 'group' => 'Group', 'where' => 'Scene', 'open' => 'Locks open', 'tries' => 'Wrong tries',
        'time' => 'Time', 'ended' => 'Ending', 'finished' => 'Finished at (UTC)',
    ],
];
