<?php

// What became of a cell that was pasted; the codes of the engine without their first half.
return [
    'lacks' => 'left out: the row has no :column',
    'repeats' => 'left out: the same as row :number',
    'beyond' => 'left out: no column is for it',
    'unnamed' => 'left out: the first row gives this column no name',
    'heading' => 'name of a column',
    'heading-unknown' => 'left out: no column is called so',
    'no-outcome' => 'left out: there is no outcome for it',
    'no-time' => 'left out: no time can be read from it',
    'late' => 'left out: the film ends at :length',
    'taken' => 'left out: a stop is there already',
    'text' => '{count|=1 |any of :answers}',
    'signs' => 'on a pad of signs, since no key types it: :answers',
    'number' => 'a number: :answers{about|=1 , 2 % either way|=0 }',
    'rounds' => 'rounds: :answers',
    'ways' => 'ways into the film: :answers',
    'pictured' => '“:words”, its picture above',
    'weight' => '“:words”, counts :by', 'must' => '“:words”, decides for its outcome',
    'never' => '“:words”, rules its outcome out',
    'digits' => 'a code: :answers',
    'sentence' => 'any full sentence',
    'length' => 'a text, :answers',
    'options' => 'to choose from, the right with a star: :answers',
    'gaps' => '{count|=0 gaps to type into|gaps to fill from a bank, with :answers}',
];
