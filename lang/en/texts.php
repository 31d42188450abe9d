<?php

// What students wrote: read, marked, and let through where it waits.
return [
    'title' => 'Texts',
    'none' => 'Nothing was written yet. Long answers stand here, and those that wait until you have read them.',
    'waiting' => '{count|=1 One answer waits until you have read it.|:count answers wait until you have read them.}',
    'read' => 'Read',
    'accept' => 'Accept it',
    'back' => 'Send back', 'back_hint' => 'what is missing', 'back_words' => 'What :name is to read',
    'mark' => 'How it is', 'marks' => ['good' => 'good', 'fair' => 'all right', 'again' => 'look at it again'],
    'words' => 'Words for :name', 'words_hint' => 'words for the page of answers', 'keep' => 'Keep',
    'kept' => 'Kept: :name reads it on the page of answers.',
];
