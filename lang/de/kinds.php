<?php

// Was Bedingungen, Wirkungen und Vergleiche von sich sagen; Worte ohne Platzhalter stehen zwischen ihren Teilen.
return [
    'condition' => [
        'always' => 'immer', 'all' => 'und', 'any' => 'oder', 'not' => 'nicht: :inner', 'has' => 'jemand hat :part',
        'hasOf' => 'jemand hat :count von :parts', 'openOf' => ':count von :parts sind offen',
        'firstTry' => ':count von :parts gingen beim ersten Versuch auf', 'tally' => ':part ist :is :value',
        'leads' => ':part ist am höchsten unter :among',
        'leadsAlso' => ':part ist am höchsten unter :among, allein oder mit anderen',
        'leadsAlone' => ':part allein ist am höchsten unter :among',
        'tied' => 'mehrere von :parts sind am höchsten', 'visited' => 'jemand war bei :part',
        'open' => ':part ist offen',
        'tries' => ':is :value falsche Versuche an :part', 'lifted' => ':part ist abgehoben',
        'liftedOf' => ':count von :parts sind abgehoben', 'found' => 'alles von :part ist gefunden',
        'minutes' => ':is :value Minuten sind vergangen',
    ],
    'comparison' => [
        '>=' => 'mindestens', '<' => 'weniger als', '=' => 'genau', '<=' => 'höchstens', '>' => 'mehr als',
        '!=' => 'alles außer',
    ],
    'effect' => [
        'give' => 'gibt :part', 'take' => 'nimmt :part', 'add' => ':part zählt :by mehr', 'set' => ':part zählt ab :to',
        'must' => ':part führt, was auch gezählt wird', 'never' => ':part führt nie', 'open' => 'öffnet :part',
        'close' => 'schließt :part',
        'lift' => 'hebt :part ab', 'lower' => 'deckt :part zu', 'forget' => 'beginnt :part neu',
    ],
    'matcher' => [
        'equals' => 'genau :words', 'has' => 'eines von :words unter anderem', 'hasAll' => 'alle von :words',
        'like' => 'wie :words',
        'mathematics' => 'was :words ergibt, in jeder Form',
        'mathematicsAtNumbers' => 'was bei jeder Zahl, die probiert wird, :words ergibt',
        'mathematicsGiven' => ':words, so geschrieben, in beliebiger Reihenfolge',
        'mathematicsSimplest' => 'was :words ergibt, so weit wie möglich vereinfacht',
        'pattern' => 'nach dem Suchmuster :words', 'close' => ':words mit {edits|=1 einem Fehler|:edits Fehlern}',
        'number' => 'die Zahl :number',
        'between' => 'von :least bis :most', 'length' => 'so lang: :min bis :max :of', 'form' => 'in der Form :form',
        'options' => ':parts und nichts sonst', 'order' => ':parts, in dieser Reihenfolge',
        'pairs' => 'jedes von :parts mit seinem',
        'gaps' => 'jede Lücke mit ihrem', 'inside' => 'eine Stelle in der Fläche',
        'right' => 'mindestens {count|=1 eines|:count} davon richtig',
        'all' => 'und', 'any' => 'oder', 'not' => 'nicht: :inner', 'anything' => 'irgendetwas',
    ],
    'input' => [
        'text' => 'eine Zeile Worte', 'long' => 'ein langer Text', 'number' => 'eine Zahl',
        'digits' => 'ein Code aus Ziffern',
        'keys' => 'Tasten mit Zeichen', 'arrows' => 'Richtungen', 'colours' => 'Farben', 'options' => 'Auswahl',
        'order' => 'Dinge zum Ordnen', 'pairs' => 'Paare', 'gaps' => 'Lücken in einem Text',
        'point' => 'eine Stelle in einem Bild',
    ],
];
