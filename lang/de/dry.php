<?php

// Ein Entwurf, von einer erfundenen Klasse gespielt.
return [
    'title' => 'Ein Trockenlauf', 'first' => 'Erst sehen, wie eine erfundene Klasse zurechtkommt',
    'estimate' => 'Das ist eine Schätzung.',
    'help' => ':count erfundene Lernende, stärkere und schwächere, haben den Entwurf eben gespielt. Echte Klassen '
        .'sind anders; lesen Sie es als Hinweis, wo Sie noch einmal hinsehen, nicht als das, was sein wird.',
    'fewer' => 'Der Entwurf ist groß. {students|=0 Niemand|Nur :students} von :wanted kamen in der Zeit hindurch, die '
        .'eine Seite dauern darf.',
    'nothing' => 'Es gibt noch nichts zu spielen: eine erste Szene mit einem Weg weiter, oder ein Schloss.',
    'minutes' => 'Minuten der Stunde', 'again' => 'Rechnen',
    'times' => 'Von Anfang bis Ende', 'in_minutes' => ':count min',
    'between' => 'in der Mitte; die Hälfte zwischen :low und :high',
    'endless' => 'Niemand kommt an ein Ende: Dieses Spiel hat keines, oder keines wird erreicht.',
    'within' => 'Durch in {count|=1 einer Minute|:count Minuten}',
    'sticking' => 'Wo sie hängen bleiben könnten',
    'columns' => 'Richtig beim ersten Versuch, und die Zeit, die ein Langsamer von vieren brauchte.',
    'unseen' => 'Szenen, in die niemand von ihnen kam',
    'how' => 'Was dabei angenommen ist',
    'assumptions' => [
        'Zwei von drei ersten Antworten sind richtig; wer schwächer ist oder etwas nicht erfasst, versucht es öfter.',
        'Sie lesen 150 Wörter in der Minute und brauchen 25 Sekunden zum Auswählen, 45 für einen Code und zwei Minuten '
            .'für eine lange Antwort, ehe sie sie geben, doppelt so lang, wo sie kaum etwas erfassen.',
        'Falsche Antworten sind meist die, die das Spiel voraussieht, sonst Flüchtigkeiten und Geratenes; nach einem '
            .'falschen Versuch bittet ein Drittel um einen Hinweis.',
        'Sie versuchen Neues vor Bekanntem und kommen zu dem zurück, was zu bleibt. Bilder sehen sie nicht: Was nur '
            .'ein Bild sagt, kostet echte Lernende mehr Zeit.',
        'Derselbe Entwurf gibt dieselbe Schätzung.',
    ],
];
