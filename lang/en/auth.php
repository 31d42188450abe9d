<?php

return [
    'failed' => 'That address and password don’t belong together. Check both and try again.',
    'throttle' => 'Too many tries. Wait :seconds seconds and try again.',
    'letter_sent' => 'If there is an account for that address, a letter with a link is on its way.',
    'link_old' => 'That link is used up or too old. Ask for a new one.',
    'password_new' => 'Your new password is set. Sign in with it.',
];
