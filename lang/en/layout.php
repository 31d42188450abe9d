<?php

return [
    'skip' => 'Skip to the page',
    'account' => 'Account',
    'sign_out' => 'Sign out',
    'language' => 'Language',
    'language_take' => 'Take it',
];
