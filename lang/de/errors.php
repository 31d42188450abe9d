<?php

return [
    'games' => 'Ihre Spiele',
    'join' => 'In ein Spiel einsteigen',
    '400' => [
        'title' => 'Nicht verstanden',
        'words' => 'Diese Adresse ist hier nicht zu Hause, oder das Gesendete war nicht zu lesen. Nichts wurde '
            .'geändert.',
    ],
    '403' => [
        'title' => 'Das gehört Ihnen nicht',
        'words' => 'Das Spiel oder der Durchgang gehört zu einem anderen Konto. Nichts wurde geändert.',
    ],
    '404' => [
        'title' => 'Hier ist nichts', 'words' => 'Die Adresse stimmt nicht, oder was hier stand, wurde gelöscht.',
    ],
    '413' => [
        'title' => 'Das ist zu viel auf einmal',
        'words' => 'Nichts wurde genommen. Geh zurück: was du getippt hast, ist noch da.',
    ],
    '419' => [
        'title' => 'Diese Seite hat zu lange gewartet',
        'words' => 'Nichts ging verloren. Geh zurück, was du getippt hast, ist noch da; lade die Seite dann neu.',
    ],
    '429' => [
        'title' => 'Zu viele Versuche',
        'words' => 'Warte eine Minute und versuch es noch einmal. Nichts ging verloren.',
    ],
    '500' => [
        'title' => 'Hier ging etwas kaputt',
        'words' => 'Was gespeichert war, ist nicht verloren. Geh zurück und versuch es noch einmal.',
    ],
    '503' => [
        'title' => 'Gleich wieder da',
        'words' => 'Hier wird gerade etwas gerichtet. Alles Getane ist gespeichert; versuch es in ein paar Minuten '
            .'noch einmal.',
    ],
    '4xx' => [
        'title' => 'So geht das nicht',
        'words' => 'Was verlangt wurde, passt nicht zu dieser Adresse. Nichts wurde geändert.',
    ],
    '5xx' => [
        'title' => 'Hier fehlt etwas',
        'words' => 'Was dafür nötig ist, ist gerade nicht zu erreichen. Nichts Behaltenes ist verloren; '
            .'versuch es in einer Minute noch einmal.',
    ],
];
