<?php

// Was aus einer eingefügten Zelle wurde; die Codes der Engine ohne ihre erste Hälfte.
return [
    'lacks' => 'ausgelassen: der Zeile fehlt :column',
    'repeats' => 'ausgelassen: dasselbe wie Zeile :number',
    'beyond' => 'ausgelassen: dafür gibt es keine Spalte',
    'unnamed' => 'ausgelassen: die erste Zeile nennt diese Spalte nicht',
    'heading' => 'Name einer Spalte',
    'heading-unknown' => 'ausgelassen: so heißt keine Spalte',
    'no-outcome' => 'ausgelassen: dafür gibt es kein Ergebnis',
    'no-time' => 'ausgelassen: daraus ist keine Zeit zu lesen',
    'late' => 'ausgelassen: der Film endet bei :length',
    'taken' => 'ausgelassen: dort ist schon ein Halt',
    'text' => '{count|=1 |eine von :answers}',
    'signs' => 'auf eigenen Tasten, da keine Tastatur es schreibt: :answers',
    'number' => 'eine Zahl: :answers{about|=1 , 2 % mehr oder weniger|=0 }',
    'rounds' => 'Runden: :answers',
    'ways' => 'Wege in den Film: :answers',
    'pictured' => '„:words“, darüber das Bild',
    'weight' => '„:words“, zählt :by', 'must' => '„:words“, entscheidet dafür',
    'never' => '„:words“, schließt es aus',
    'digits' => 'ein Code: :answers',
    'sentence' => 'irgendein ganzer Satz',
    'length' => 'ein Text, :answers',
    'options' => 'zur Auswahl, Richtiges mit Stern: :answers',
    'gaps' => '{count|=0 Lücken zum Schreiben|Lücken zum Füllen aus Wörtern, dazu :answers}',
];
