<?php

// Learning records: open statements of what was done, as a file and to a receiver.
return [
    'title' => 'Learning records', 'file' => 'Learning records (xAPI)',
    'send' => 'Send them to the receiver', 'again' => 'Try to send them now',
    'standing' => ':sent of :of are with the receiver.', 'next' => 'The next try is on :time.',
    'sent' => 'All learning records of this run are with the receiver.',
    'down' => 'The receiver did not take them. They are kept and tried again by themselves.',
    'receiver' => 'The receiver',
    'about' => 'It stands in for a learning record store inside this application, so that you see what is sent. What '
        .'came from your runs is listed here.',
    'set_down' => 'Set it down', 'set_up' => 'Set it up again',
    'is_down' => 'It is down: what is sent now waits and is tried again.', 'is_up' => 'It takes what is sent.',
    'count' => '{count|=0 Nothing has arrived yet|=1 One statement|:count statements}',
    'columns' => ['who' => 'Who', 'did' => 'Did', 'what' => 'What', 'came' => 'Answer', 'at' => 'When (:zone)'],
];
