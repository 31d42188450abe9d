<?php

// What conditions, effects and matchers say of themselves; words without a place stand between the parts they join.
return [
    'condition' => [
        'always' => 'always', 'all' => 'and', 'any' => 'or', 'not' => 'not: :inner', 'has' => 'the student holds :part',
        'hasOf' => 'the student holds :count of :parts', 'openOf' => ':count of :parts are open',
        'firstTry' => ':count of :parts opened at first try',
        'tally' => ':part is :is :value', 'leads' => ':part is highest among :among',
        'leadsAlso' => ':part is highest among :among, alone or with others',
        'leadsAlone' => ':part alone is highest among :among', 'tied' => 'several of :parts are highest',
        'visited' => 'the student was at :part', 'open' => ':part is open',
        'tries' => ':is :value wrong tries at :part', 'lifted' => ':part is lifted',
        'liftedOf' => ':count of :parts are lifted', 'found' => 'all of :part is found',
        'minutes' => ':is :value minutes have passed',
    ],
    'comparison' => [
        '>=' => 'at least', '<' => 'less than', '=' => 'exactly', '<=' => 'at most', '>' => 'more than',
        '!=' => 'anything but',
    ],
    'effect' => [
        'give' => 'gives :part', 'take' => 'takes :part', 'add' => ':part counts :by more',
        'set' => ':part counts from :to', 'must' => ':part leads, whatever is counted', 'never' => ':part never leads',
        'open' => 'opens :part', 'close' => 'closes :part', 'lift' => 'lifts :part', 'lower' => 'lowers :part',
        'forget' => 'begins :part anew',
    ],
    'matcher' => [
        'equals' => 'exactly :words', 'has' => 'any of :words among others', 'hasAll' => 'all of :words',
        'like' => 'like :words', 'pattern' => 'by the pattern :words',
        'mathematics' => 'what comes to :words, in any form',
        'mathematicsAtNumbers' => 'what comes to :words at every number that is tried',
        'mathematicsGiven' => ':words, written so, in whatever order',
        'mathematicsSimplest' => 'what comes to :words, worked out as far as it goes',
        'close' => ':words with {edits|=1 one slip|:edits slips}', 'number' => 'the number :number',
        'between' => 'from :least to :most', 'length' => 'so long: :min to :max :of', 'form' => 'in the form :form',
        'options' => ':parts, and nothing else', 'order' => ':parts, in this order',
        'pairs' => 'each of :parts with its own', 'gaps' => 'each gap by its own', 'inside' => 'a place in the area',
        'right' => 'at least {count|=1 one|:count} of them right', 'all' => 'and', 'any' => 'or',
        'not' => 'not: :inner', 'anything' => 'anything at all',
    ],
    'input' => [
        'text' => 'a line of words', 'long' => 'a long text', 'number' => 'a number', 'digits' => 'a code of digits',
        'keys' => 'keys with signs', 'arrows' => 'directions', 'colours' => 'colours', 'options' => 'options',
        'order' => 'things to put in order', 'pairs' => 'pairs', 'gaps' => 'gaps in a text',
        'point' => 'a place in a picture',
    ],
];
