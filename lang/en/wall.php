<?php

// The finishers' wall, and certificates looked up.
return [
    'title' => 'Finishers’ wall',
    'bare' => 'Nobody has put an emblem here yet. Who is through composes one and may write a line.',
    'unread' => 'Lines to read before they stand here',
    'good' => 'Let it stand', 'good_of' => 'Let the line of :name stand',
    'bad' => 'Take it away', 'bad_of' => 'Take the line of :name away',
    'certificates' => 'Look up a certificate', 'code' => 'The code on it', 'look' => 'Look it up',
    'none' => 'No certificate of your runs has this code. Check each sign; a run that was deleted took its '
        .'certificates along.',
];
