<?php

// What a teacher does while a class plays.
return [
    'calls' => 'calls you', 'calls_for' => 'calls you, for :time', 'here' => 'I have been there',
    'most' => 'Needs you most', 'nobody' => 'Nobody is stuck just now.',
    'at' => 'at “:lock” for :time', 'in' => 'in “:scene” for :time',
    'tries' => '{count|=0 |=1 · one wrong try|· :count wrong tries}',
    'class' => 'Half of the class was through in :time.', 'last' => 'Last answer:',
    'stopped' => 'A guard stopped the guessing.',
    'line' => 'A line to :name', 'line_hint' => 'a line to read at once', 'send' => 'Send',
    'hint' => 'Give hint :number', 'open' => 'Open the lock', 'move' => 'Move', 'move_to' => 'To which scene',
    'help' => 'Help :name', 'all' => 'A line to all', 'time' => '+ 5 min',
    'pause' => 'Pause all', 'go_on' => 'Let all go on',
    'paused' => 'All rest. Nothing is taken until you let them go on.',
    'behind' => 'The draft has changed since this class began.',
    'renew' => 'Give them the game as it is now', 'renewed' => 'All play the game as it is now; what they did counts.',
    'broken' => 'All others play the game as it is now. {count|=1 :names stands|:names stand} where it has nothing, '
        .'and {count|=1 goes|go} on with the game as it was.',
    'kept' => ':names {count|=1 plays|play} the game as it was.', 'try_again' => 'Try to give them the new one',
    'empty' => 'Write the line first.',
    'none' => 'That was not possible any more; :name has moved on. Nothing was changed.',
    'done' => [
        'here' => ':name is answered.',
        'accept' => ':name’s answer is accepted.', 'back' => ':name reads what is missing.',
        'line' => ':name reads it within seconds.', 'hint' => ':name has the hint.',
        'open' => 'The lock is open for :name.', 'move' => ':name stands there now.',
        'time_one' => ':name has {count|=1 one minute|:count minutes} more.',
        'time' => 'All who play have {count|=1 one minute|:count minutes} more.',
        'all' => 'All who play read it within seconds.',
    ],
    'gave' => [
        'accept' => 'You accepted the answer to “:thing”',
        'back' => 'You sent the answer to “:thing” back',
        'hint' => 'You gave a hint', 'open' => 'You opened “:thing”', 'move' => 'You moved the play'],
];
