<?php

// Keys are whole codes: these words are also read without the framework.
return [
    'version.unknown' => 'This is no game document of version 1: "fravel" should be 1.',
    'shape.wrong' => 'Here should be :expected; there is :found.',
    'id.malformed' => 'An id begins with a small letter and has at most 40 small letters, digits, hyphens and '
        .'underscores; there is :found.',
    'id.twice' => 'The id ":id" is given already at :first.',
    'value.unknown' => ':found is not known here; it may be one of :allowed.',
    'variant.none' => 'None of the known kinds stands here: :allowed.',
    'variant.many' => 'Only one of these may stand here: :found.',
    'condition.deep' => 'This condition is nested too deep.',
    'text.long' => 'This text may have :most characters; it has :found.',
    'lock.heavy' => 'These rules are more work to compare an answer with than a student should wait for.',
    'mathematics.malformed' => '“:found” can\'t be read as a term: numbers, single letters, + - * / ^ and brackets '
        .'are.',
    'pattern.malformed' => 'This pattern can\'t be used: :fault.',
    'unit.unknown' => '":found" is no known unit.',
    'file.outside' => 'A file of a game lies inside its package; :found does not.',
    'size.beyond' => 'A game may hold :most of these at one place; here are :found.',
    'route.missing' => 'This leads to the scene ":id", and there is none.',
    'reference.missing' => 'This names the :kind ":id", and there is none.',
];
