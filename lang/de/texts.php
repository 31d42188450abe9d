<?php

// Was geschrieben wurde: gelesen, beurteilt und durchgelassen, wo es wartet.
return [
    'title' => 'Texte',
    'none' => 'Noch wurde nichts geschrieben. Hier stehen lange Antworten und solche, die auf Ihren Blick warten.',
    'waiting' => '{count|=1 Eine Antwort wartet, bis Sie sie gelesen haben.|:count Antworten warten, bis Sie sie '
        .'gelesen haben.}',
    'read' => 'Lesen',
    'accept' => 'Annehmen',
    'back' => 'Zurückgeben', 'back_hint' => 'was noch fehlt', 'back_words' => 'Was :name lesen soll',
    'mark' => 'Wie es ist', 'marks' => ['good' => 'gut', 'fair' => 'in Ordnung', 'again' => 'schau noch einmal'],
    'words' => 'Worte für :name', 'words_hint' => 'Worte für die Seite der Antworten', 'keep' => 'Behalten',
    'kept' => 'Behalten: :name liest es auf der Seite der Antworten.',
];
