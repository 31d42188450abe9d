<?php

// Vorn in einer Klasse, die gemeinsam spielt.
return [
    'title' => 'Die Abstimmung', 'open' => 'Szene und Abstimmung zeigen', 'join' => 'So kommt man dazu: :code',
    'votes' => '{count|=0 Noch keine Stimme|=1 Eine Stimme|:count Stimmen}',
    'here' => '{here|=0 Noch niemand ist dabei.|=1 Eine Person ist dabei.|:here sind dabei.}',
    'nothing' => 'Hier gibt es nichts abzustimmen.',
    'how' => 'Wer dabei ist, wählt auf dem eigenen Gerät; erhobene Hände zählen Sie mit Plus.',
    'hand' => ['plus' => 'Eine Hand mehr für: :what', 'minus' => 'Eine Hand weniger für: :what'],
    'close' => 'Abstimmung schließen', 'tie' => 'Es steht gleich. Was entscheidet?', 'lots' => 'Losen',
    'rests' => 'Gerade geht nichts: Die Runde ruht oder ist geschlossen. Die Abstimmung bleibt offen.',
    'none' => 'Noch ist niemand für etwas.', 'tied' => 'Es steht gleich: Sagen Sie, was entscheidet. Nichts geschah.',
    'earlier' => 'Frühere Abstimmungen und nicht gegangene Wege',
];
