<?php

return [
    'failed' => 'That address and password don’t belong together. Check both and try again.',
    'throttle' => '{1} Too many wrong tries. Wait a second and try again.|[2,*] Too many wrong tries. Wait :seconds seconds and try again.',
    'password_long' => 'That password has more than :most bytes, of which the last would not count. Choose a shorter one.',
    'password_odd' => 'That password holds a sign that nobody can type. Choose another.',
    'letter_first' => 'Type your address. A letter with a link lets you choose your name and password.',
    'letter_sent_to' => 'A letter to :email is on its way. Its link is good for an hour.',
    'letter_lost' => 'Nothing came?',
    'no_letters' => 'Letters can’t be sent from here.',
    'invited' => 'Who runs this machine can give you a link to an account of your own.',
    'ask_for_help' => 'Who runs this machine can set a new password for you.',
    'made_already' => 'There is an account with that address already. Sign in with its password.',
    'subject_new' => 'Your account',
    'letter_new' => "Somebody asked for an account with this address. If it was you, choose a name and a password here, within the hour:\n\n:link\n\nIf it was not you, nothing has to be done: no account was made.",
    'subject_known' => 'You have an account',
    'letter_known' => "Somebody asked for an account with this address, and there is one already. Sign in here:\n\n:sign_in\n\nIf the password is forgotten, choose a new one:\n\n:forgotten\n\nIf it was not you, nothing has to be done.",
    'letter_sent' => 'If there is an account for that address, a letter with a link is on its way.',
    'link_old' => 'That link is used up or too old. Ask for a new one.',
    'password_new' => 'Your new password is set. Sign in with it.',
];
