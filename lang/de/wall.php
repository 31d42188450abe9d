<?php

// Die Wand derer, die durch sind, und nachgesehene Urkunden.
return [
    'title' => 'Wand im Ziel',
    'bare' => 'Noch hängt hier kein Wappen. Wer durch ist, stellt eines zusammen und darf eine Zeile schreiben.',
    'unread' => 'Zeilen, die Sie erst lesen, ehe sie hier stehen',
    'good' => 'Stehen lassen', 'good_of' => 'Die Zeile von :name stehen lassen',
    'bad' => 'Wegnehmen', 'bad_of' => 'Die Zeile von :name wegnehmen',
    'certificates' => 'Urkunde nachsehen', 'code' => 'Der Code darauf', 'look' => 'Nachsehen',
    'none' => 'Keine Urkunde Ihrer Durchgänge hat diesen Code. Prüfen Sie jedes Zeichen; ein gelöschter Durchgang '
        .'nahm seine Urkunden mit.',
];
