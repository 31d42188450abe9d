<?php

// Die Schlüssel sind ganze Codes: diese Worte werden auch ohne das Framework gelesen.
return [
    'version.unknown' => 'Das ist kein Spieldokument der Version 1: „fravel“ müsste 1 sein.',
    'shape.wrong' => 'Hier müsste :expected stehen; da steht :found.',
    'id.malformed' => 'Ein Name beginnt mit einem Kleinbuchstaben und hat höchstens 40 Kleinbuchstaben, Ziffern, '
        .'Binde- und Unterstriche; da steht :found.',
    'id.twice' => 'Der Name „:id“ ist schon vergeben, bei :first.',
    'value.unknown' => ':found ist hier nicht bekannt; möglich ist eines von :allowed.',
    'variant.none' => 'Keine der bekannten Arten steht hier: :allowed.',
    'variant.many' => 'Nur eine davon darf hier stehen: :found.',
    'condition.deep' => 'Diese Bedingung ist zu tief geschachtelt.',
    'text.long' => 'Dieser Text darf :most Zeichen haben; er hat :found.',
    'lock.heavy' => 'Mit diesen Regeln zu vergleichen macht mehr Arbeit, als jemand warten sollte.',
    'mathematics.malformed' => '„:found“ ist nicht als Term zu lesen: Zahlen, einzelne Buchstaben, + - * / ^ und '
        .'Klammern sind es.',
    'pattern.malformed' => 'Dieses Suchmuster geht nicht: :fault.',
    'unit.unknown' => '„:found“ ist keine bekannte Einheit.',
    'file.outside' => 'Eine Datei eines Spiels liegt in seinem Paket; :found tut das nicht.',
    'size.beyond' => 'Davon darf ein Spiel :most an einer Stelle haben; hier sind es :found.',
    'route.missing' => 'Das führt zur Szene „:id“, und die gibt es nicht.',
    'reference.missing' => 'Das nennt :kind „:id“, und das gibt es nicht.',
];
