<?php

return [
    'strip' => [
        'title' => 'Probe', 'uncounted' => 'hier zählt nichts', 'edit' => 'Diese Szene bearbeiten',
        'anew' => 'Ab dieser Szene neu', 'start' => 'Von Anfang an',
    ],
    'title' => 'Hinter der Szene', 'holds' => 'Hat bei sich', 'nothing' => 'nichts', 'tallies' => 'Stand',
    'must' => ':value, entschieden',
    'never' => ':value, ausgeschlossen', 'caught' => 'Was es gefangen hat', 'hidden' => 'Hier verborgen',
    'shownTo' => 'gezeigt, wenn :condition', 'lets' => 'Lässt ein, wenn :condition',
    'rule' => 'Regel :rule von „:lock“: :verdict', 'otherwise' => 'Keine Regel von „:lock“ passt: bleibt zu',
    'refused' => 'Jetzt nicht möglich', 'none' => 'Tun Sie etwas und sehen Sie, welche Regel es nimmt.',
    'begin' => 'Beginnen mit …', 'beginHere' => 'Hier damit beginnen', 'guard' => 'ohne Pausen',
    'player' => 'Wer spielt',
    'playerHint' => 'Sie oder ein Team', 'phone' => 'Wie auf einem Handy', 'page' => 'Wie auf einem Bildschirm',
    'onPhone' => 'Das Spiel wie auf einem Handy',
    'walkthroughs' => 'Durchläufe', 'record' => 'Diesen Weg behalten als', 'keep' => 'Behalten',
    'name' => 'der kurze Weg',
    'kept' => '„:name“ behalten, {steps|=1 ein Schritt|:steps Schritte}. Er wird nach jeder Änderung wieder gegangen.',
    'short' => 'Gehen Sie erst einen Schritt; dann gibt es einen Weg zu behalten.', 'walk' => '„:name“ gehen',
    'forget' => '„:name“ vergessen', 'forgotten' => '„:name“ vergessen',
    'ahead' => 'Nächster Schritt', 'step' => 'Diesen Schritt gehen', 'all' => 'Alle :count Schritte auf einmal',
    'parted' => 'Dieser Schritt führt jetzt anderswohin: er sollte zu „:expected“ führen.',
    'actions' => [
        'choose' => '„:thing“ antippen', 'answer' => '„:with“ auf „:thing“ antworten', 'lift' => '„:thing“ abheben',
        'lower' => '„:thing“ wieder zudecken', 'hint' => 'um einen Hinweis zu „:thing“ bitten',
        'cue' => '„:thing“ erreichen',
        'back' => 'zurückgehen', 'continue' => 'weitergehen',
        'judge' => 'die Vermutung zu „:thing“ beurteilen: :with', 'find' => '„:with“ auf „:thing“ finden',
    ],
];
