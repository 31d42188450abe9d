<?php

return [
    'about' => 'Aus eigenen Fragen Spiele mit Schlössern, Wahlen und Wegen machen.',
    'skip' => 'Zum Inhalt springen',
    'account' => 'Konto',
    'sign_out' => 'Abmelden',
    'language' => 'Sprache',
    'language_take' => 'Übernehmen',
];
