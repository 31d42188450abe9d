<?php

return [
    'legend' => [
        'gives' => 'gibt',
        'wants' => 'will',
        'chapters' => 'Kapitel',
        'signs' => 'Zeichen',
        'lock' => 'Schloss',
        'letsInOnlySome' => 'lässt nur einige ein',
        'studentsCanGetStuck' => 'hier kann man stecken bleiben',
        'toMend' => 'zu richten',
        'ending' => 'Ende',
        'noWayLeadsHere' => 'kein Weg führt hierher',
    ],
    'plan' => [
        'untitled' => 'Ohne Titel',
        'start' => 'Anfang',
    ],
];
