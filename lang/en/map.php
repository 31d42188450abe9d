<?php

return [
    'legend' => [
        'gives' => 'gives',
        'wants' => 'wants',
        'chapters' => 'Chapters',
        'signs' => 'Signs',
        'lock' => 'lock',
        'letsInOnlySome' => 'lets in only some',
        'studentsCanGetStuck' => 'students can get stuck',
        'toMend' => 'to mend',
        'ending' => 'ending',
        'noWayLeadsHere' => 'no way leads here',
    ],
    'plan' => [
        'untitled' => 'Untitled',
        'start' => 'start',
    ],
];
