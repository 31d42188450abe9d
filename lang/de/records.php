<?php

// Lernaufzeichnungen: offene Aussagen über das, was getan wurde, als Datei und an einen Empfänger.
return [
    'title' => 'Lernaufzeichnungen', 'file' => 'Lernaufzeichnungen (xAPI)',
    'send' => 'An den Empfänger schicken', 'again' => 'Jetzt noch einmal schicken',
    'standing' => ':sent von :of sind beim Empfänger.', 'next' => 'Der nächste Versuch ist am :time.',
    'sent' => 'Alle Lernaufzeichnungen dieses Durchgangs sind beim Empfänger.',
    'down' => 'Der Empfänger nahm sie nicht an. Sie sind aufgehoben und werden von selbst wieder geschickt.',
    'receiver' => 'Der Empfänger',
    'about' => 'Er steht in dieser Anwendung für einen Speicher von Lernaufzeichnungen, damit Sie sehen, was geschickt '
        .'wird. Hier steht, was von Ihren Durchgängen ankam.',
    'set_down' => 'Abschalten', 'set_up' => 'Wieder einschalten',
    'is_down' => 'Er ist abgeschaltet: Was jetzt geschickt wird, wartet und wird wieder versucht.',
    'is_up' => 'Er nimmt an, was geschickt wird.',
    'count' => '{count|=0 Noch kam nichts an|=1 Eine Aussage|:count Aussagen}',
    'columns' => ['who' => 'Wer', 'did' => 'Tat', 'what' => 'Was', 'came' => 'Antwort', 'at' => 'Wann (:zone)'],
];
