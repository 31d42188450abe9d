<?php

// Was eine Lehrkraft tut, während eine Klasse spielt.
return [
    'calls' => 'ruft Sie', 'calls_for' => 'ruft Sie seit :time', 'here' => 'Ich war da',
    'most' => 'Braucht Sie am meisten', 'nobody' => 'Gerade hängt niemand fest.',
    'at' => 'an „:lock“ seit :time', 'in' => 'in „:scene“ seit :time',
    'tries' => '{count|=0 |=1 · ein falscher Versuch|· :count falsche Versuche}',
    'class' => 'Die Hälfte der Klasse war in :time durch.', 'last' => 'Letzte Antwort:',
    'stopped' => 'Eine Sperre hielt das Raten auf.',
    'line' => 'Eine Zeile an :name', 'line_hint' => 'eine Zeile, die gleich gelesen wird', 'send' => 'Senden',
    'hint' => 'Hinweis :number geben', 'open' => 'Das Schloss öffnen', 'move' => 'Versetzen',
    'move_to' => 'In welche Szene',
    'help' => ':name helfen', 'all' => 'Eine Zeile an alle', 'time' => '+ 5 min',
    'pause' => 'Alle anhalten', 'go_on' => 'Alle weiterlassen',
    'paused' => 'Alle ruhen. Nichts wird angenommen, bis Sie weiterlassen.',
    'behind' => 'Der Entwurf hat sich geändert, seit diese Klasse begann.',
    'renew' => 'Das Spiel geben, wie es jetzt ist',
    'renewed' => 'Alle spielen das Spiel, wie es jetzt ist; was sie taten, zählt.',
    'broken' => 'Alle anderen spielen das Spiel, wie es jetzt ist. {count|=1 :names steht|:names stehen}, wo es dort '
        .'nichts gibt, und {count|=1 spielt|spielen} weiter, wie es war.',
    'kept' => ':names {count|=1 spielt|spielen} das Spiel, wie es war.',
    'try_again' => 'Noch einmal versuchen, ihnen das neue zu geben',
    'empty' => 'Schreiben Sie erst die Zeile.',
    'none' => 'Das ging nicht mehr; :name ist schon weiter. Nichts wurde geändert.',
    'done' => [
        'here' => 'Der Ruf von :name ist erledigt.',
        'accept' => 'Die Antwort von :name ist angenommen.', 'back' => ':name liest, was fehlt.',
        'line' => ':name liest es in wenigen Sekunden.', 'hint' => ':name hat den Hinweis.',
        'open' => 'Das Schloss ist für :name offen.', 'move' => ':name steht jetzt dort.',
        'time_one' => ':name hat {count|=1 eine Minute|:count Minuten} mehr.',
        'time' => 'Alle, die spielen, haben {count|=1 eine Minute|:count Minuten} mehr.',
        'all' => 'Alle, die spielen, lesen es in wenigen Sekunden.',
    ],
    'gave' => [
        'accept' => 'Du hast die Antwort auf „:thing“ angenommen',
        'back' => 'Du hast die Antwort auf „:thing“ zurückgegeben',

        'hint' => 'Sie gaben einen Hinweis', 'open' => 'Sie öffneten „:thing“', 'move' => 'Sie versetzten das Spiel',
    ],
];
