<?php

return [
    'condition' => 'a condition of its own',
    'cover' => 'a cover',
    'scene' => [
        'arrive' => 'on arriving',
        'next' => 'going on',
        'refused' => 'when not let in',
    ],
    'onInFilm' => 'on in the film',
    'atSecond' => 'at second :second',
    'lift' => 'lift “:thing”',
    'tap' => 'tap “:thing”',
    'picture' => 'picture',
    'says' => 'says “:words”',
    'equals' => '“:words”{count|=1 | …}',
    'if' => ':why, if: :condition',
    'anyOtherAnswer' => 'any other answer',
    'onceItIsOpen' => 'once it is open',
    'noAnswerYet' => 'no answer yet',
    'aFullSentence' => 'a full sentence',
    'anyAnswer' => 'any answer',
    'theRightOptions' => 'the right options',
    'aRightAnswer' => 'a right answer',
];
