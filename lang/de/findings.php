<?php

// Die Schlüssel sind ganze Codes: diese Worte werden auch ohne das Framework gelesen.
return [
    'document.invalid' => 'Das Dokument hat nicht die Form eines Spiels.',
    'route.missing' => '„:part“ in „:scene“ führt zu einer Szene, die es nicht gibt.',
    'reference.missing' => '„:part“ in „:scene“ nennt :kind, die es nicht gibt.',
    'scene.unreachable' => 'Kein Weg führt zu „:scene“.',
    'scene.stuck' => 'Von „:scene“ führt nichts weiter, und sie ist kein Ende.',
    'ending.none' => 'Das Spiel hat kein Ende.',
    'ending.asks' => 'Das Ende „:scene“ fragt etwas: dort ist das Spiel vorbei, niemand kann antworten.',
    'ending.stop' => '„:scene“ ist ein Halt eines Films und ein Ende: Der Film bräche dort für immer ab.',
    'ending.free' => 'Das gewonnene Ende „:scene“ ist zu erreichen, ohne ein einziges Schloss zu öffnen.',
    'mosaic.unseen' => 'Niemand sieht „:part“ in „:scene“ je ganz: es hat noch kein Bild, oder ein Schloss, auf das es '
        .'wartet, wird nie gefragt.',
    'lock.passable' => '„:lock“ in „:scene“ kann zu bleiben, und das Ende wird trotzdem erreicht{by|=0 |: mit „:way“}.',
    'lock.judges' => '„:lock“ in „:scene“ hat keine falsche Antwort und nennt doch jede richtig.',
    'ending.unreachable' => 'Das Ende „:scene“ ist nicht zu erreichen.',
    'play.trap' => 'In „:scene“ kann man stecken bleiben: {steps|=0 von Anfang an ist kein Ende zu erreichen|=1 nach '
        .'dem gezeigten Schritt ist kein Ende mehr zu erreichen|nach den :steps gezeigten Schritten ist kein Ende '
        .'mehr zu erreichen}.',
    'lock.never-opens' => 'Nichts öffnet „:lock“ in „:scene“.',
    'lock.untypable' => '„:lock“ in „:scene“ lässt sich auf keinem Telefon öffnen: keine Taste schreibt :sign, und '
        .'jede richtige Antwort braucht es.',
    'rule.meets' => 'Bei „:lock“ in „:scene“ nimmt Regel :other auch „:answer“, so wie es gemeint ist; Regel :rule '
        .'nennt genau das und gilt.',
    'lock.undecided' => 'Ob eine Antwort „:lock“ in „:scene“ öffnet, ließ sich nicht ausrechnen: bitte probieren Sie '
        .'selbst eine.',
    'rule.hidden' => 'Regel :rule von „:lock“ in „:scene“ (:what) kommt nie dran: frühere Regeln nehmen alle ihre '
        .'Antworten.',
    'lock.skipped' => '„:lock“ in „:scene“ kann zu bleiben: ein anderer Weg führt weiter zu „:to“ und zu allem sonst.',
    'code.unexplained' => 'Die Hinweise zu „:lock“ in „:scene“ ergeben :figures, und der Code ist ein anderer.',
    'token.never-given' => 'Nach „:token“ wird gefragt, und niemand bekommt es.',
    'token.unused' => '„:token“ bekommt niemand, oder niemand sieht es und nichts fragt danach.',
    'answer.shown' => 'Die Antwort auf „:lock“ steht in „:scene“ offen da (:answer).',
    'route.loop' => 'In „:scene“ anzukommen führt immer weiter im Kreis; es wurde angehalten.',
    'tally.unused' => 'Der Zähler „:tally“ ändert sich nie, oder niemand sieht ihn und nichts fragt danach.',
    'condition.constant' => 'In „:scene“ gilt :how, wovon „:part“ abhängt{said|=0 |: :what}.',
    'answer.loose' => '„:lock“ in „:scene“ öffnet auch auf falsche Antworten, etwa :answers.',
    'answer.leaked' => 'Was „:lock“ in „:scene“ beim ersten Versuch sagt, enthält die Antwort (:answer).',
    'lock.guessable' => '„:lock“ in „:scene“ lässt sich raten: etwa {guesses|=1 ein Versuch|:guesses Versuche}, '
        .'{seconds|=1 eine Sekunde|:seconds Sekunden}.',
    'asset.missing' => 'In „:scene“ fehlt die Datei eines Bildes oder Clips (:part).',
    'captions.beyond' => 'In „:scene“ {count|=1 beginnt ein Untertitel|beginnen :count Untertitel} nach dem Ende '
        .'des Films (:length).',
    'captions.missing' => 'Der Film in „:scene“ hat keine Untertitel: Wer ihn nicht hört oder abspielen kann, '
        .'hat nichts zu lesen.',
    'captions.overlap' => 'In „:scene“ beginnt der Untertitel bei :at („:text“), bevor der vorige zu Ende ist.',
    'credit.missing' => '{count|=1 Ein Bild, Film oder Ton hat|:count Bilder, Filme oder Töne haben} noch keine '
        .'Quelle oder keine Lizenz (:names).',
    'moment.beyond' => 'In „:scene“ liegt der Moment „:moment“ hinter dem Ende des Films (:length).',
    'stop.beyond' => 'Der Halt „:stop“ liegt hinter dem Ende des Films in „:scene“ (:length) und öffnet sich nie.',
    'contrast.low' => 'In „:scene“ sind die Worte von „:part“ auf dem, was dahinter ist, schwer zu lesen.',
    'scene.crowded' => '„:scene“ enthält mehr, als man aufnimmt; einiges könnte in eine eigene Szene.',
    'feedback.missing' => '„:lock“ in „:scene“ hat keine Rückmeldung auf eine falsche Antwort.',
    'scene.empty' => 'In „:scene“ ist noch nichts.',
    'route.open' => '„:part“ in „:scene“ führt noch nirgendwohin.',
    'text.sample' => '„:part“ hat noch die Worte, mit denen es gemacht wurde.',
    'text.mark-unknown' => '„:part“ in „:scene“ sagt :mark, und davon ist nichts bekannt: Lernende läsen es so.',
    'walkthrough.parts' => 'Der Durchlauf „:name“ stimmt nicht mehr: Schritt :step führte zu {gone|=1 einer Szene, '
        .'die es nicht mehr gibt|„:expected“}, jetzt endet er bei „:found“.',
    'alt.missing' => 'Ein Bild in „:scene“ hat keine Worte für die, die es nicht sehen.',
];
