<?php

return [
    'condition' => 'eine eigene Bedingung',
    'cover' => 'eine Abdeckung',
    'scene' => [
        'arrive' => 'beim Ankommen',
        'next' => 'beim Weitergehen',
        'refused' => 'wenn nicht eingelassen',
    ],
    'onInFilm' => 'weiter im Film',
    'atSecond' => 'bei Sekunde :second',
    'lift' => '„:thing“ abheben',
    'tap' => '„:thing“ antippen',
    'picture' => 'Bild',
    'says' => 'sagt „:words“',
    'equals' => '„:words“{count|=1 | …}',
    'if' => ':why, falls: :condition',
    'anyOtherAnswer' => 'jede andere Antwort',
    'onceItIsOpen' => 'sobald es offen ist',
    'noAnswerYet' => 'noch keine Antwort',
    'aFullSentence' => 'ein ganzer Satz',
    'anyAnswer' => 'jede Antwort',
    'theRightOptions' => 'die richtige Auswahl',
    'aRightAnswer' => 'eine richtige Antwort',
];
