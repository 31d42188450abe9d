<?php

return [
    'games' => 'Your games',
    'join' => 'Join a game',
    '400' => [
        'title' => 'Not understood',
        'words' => 'This address is not at home here, or what was sent could not be read. Nothing was changed.',
    ],
    '403' => [
        'title' => 'That isn’t yours', 'words' => 'The game or run belongs to another account. Nothing was changed.',
    ],
    '404' => ['title' => 'Nothing is here', 'words' => 'The address is wrong, or what stood here was deleted.'],
    '413' => [
        'title' => 'That is too much at once', 'words' => 'Nothing was taken. Go back: what you typed is still there.',
    ],
    '419' => [
        'title' => 'This page has waited too long',
        'words' => 'Nothing was lost. Go back, and what you typed is still there; then load the page again.',
    ],
    '429' => ['title' => 'Too many tries', 'words' => 'Wait a minute and try again. Nothing was lost.'],
    '500' => ['title' => 'Something broke here', 'words' => 'Nothing you had kept is lost. Go back and try again.'],
    '503' => [
        'title' => 'Back soon',
        'words' => 'Something is being looked after here. All that was done is kept; try again in a few minutes.',
    ],
    '4xx' => [
        'title' => 'That can’t be done this way',
        'words' => 'What was asked for does not fit this address. Nothing was changed.',
    ],
    '5xx' => [
        'title' => 'Something is missing here',
        'words' => 'What this needs can’t be reached just now. Nothing you had kept is lost; try again in a minute.',
    ],
];
