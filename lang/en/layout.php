<?php

return [
    'about' => 'Make games of locks, choices and ways out of your own questions.',
    'skip' => 'Skip to the page',
    'account' => 'Account',
    'sign_out' => 'Sign out',
    'language' => 'Language',
    'language_take' => 'Take it',
];
