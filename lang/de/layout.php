<?php

return [
    'skip' => 'Zum Inhalt springen',
    'account' => 'Konto',
    'sign_out' => 'Abmelden',
    'language' => 'Sprache',
    'language_take' => 'Übernehmen',
];
