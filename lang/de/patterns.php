<?php

// Zu jedem Muster: sein Name, wofür es gut ist, seine Felder, und ein Beispiel, nach dem sein Bild gezeichnet wird.
return [
    'title' => 'Aus einem Muster bauen', 'build' => 'Bauen', 'close' => 'jetzt nicht', 'optional' => 'wenn gewünscht',
    'needs' => 'Noch nötig: :fields', 'understood' => ':count verstanden', 'left' => ':count ausgelassen',
    'partedBy' => 'getrennt durch :by', 'cut' => 'es waren mehr Zeilen, als gelesen werden',
    'headingIsRow' => 'auch die erste Zeile ist Inhalt', 'headingAgain' => 'die erste Zeile nennt die Spalten',
    'eachCell' => 'jede Zelle',
    'grammar' => 'Mehrere Antworten: „a | b“. Ein Stern macht Auswahl: „*a | b“. „mindestens 40 Wörter“, „*“ '
        .'für irgendeinen Satz. [Wörter] in einer Frage sind Lücken. „12 ± 1“, „4 m“, „50 %“ sind Zahlen.',
    'long' => 'Ein Feld ist länger als die :max Zeichen, die es haben darf. Es ist noch hier; kürzen Sie es.',
    'built' => '„:name“ gebaut',
    'rows' => 'Zeilen aus einer Tabelle eintippen oder einfügen', 'usual' => 'Was ich meistens will',
    'usualLook' => 'Oben in jeder Szene', 'noLook' => 'nichts', 'usualRight' => 'Worte zu einer richtigen Antwort',
    'usualWrong' => 'Worte zu einer falschen Antwort', 'usualTries' => 'Pause nach so vielen falschen Versuchen',
    'usualWait' => 'Sekunden der Pause', 'kept' => 'fürs nächste Mal gemerkt',
    'chooseFiles' => 'Bilder wählen', 'taken' => '{count|=0 noch keines|=1 ein Bild|:count Bilder}',
    'taking' => ':name wird übernommen …',
    'picture' => 'Welches Bild', 'picked' => 'ein anderes Bild', 'afterHere' => 'Es kommt hinter „:scene“.',
    'alone' => 'Daraus wird dieses Spiel.',
    'gameTitle' => 'Titel des Spiels', 'instead' => 'Welchen Weg es übernimmt', 'way' => '„:part“ → :to',
    'open' => 'ein offenes Ende',
    'fault' => [
        'codes' => 'Ein Code braucht für jede Frage seines Raums mindestens eine Ziffer.',
        'codeDigits' => 'Die Codes dieser Türen sind aus Ziffern: jede Frage gibt einige davon. Andere Codes: „Tür mit '
            .'Code“.',
        'roomMany' => 'Ein Raum fasst höchstens 20 Fragen: seine Tür hat so viele Ziffern.',
        'codesMany' => 'Es sind mehr Codes als Räume.',
    ],
    'pictures' => 'was gebaut wird',
    'choices' => [
        'no' => 'ohne', 'yes' => 'mit',
        'same' => 'dieselbe Frage noch einmal', 'next' => 'die nächste Frage',
        'earlier' => 'gilt das zuerst genannte', 'each' => 'werden alle gesagt', 'asked' => 'entscheidet eine Frage',
        'tap' => 'Antippen', 'pull' => 'Herausziehen', 'slide' => 'Hinüberschieben',
        'anytime' => 'von Anfang an', 'uncovered' => 'wenn alles aufgedeckt ist',
        'prompts' => 'die Aufgaben', 'boxes' => 'die Felder', 'both' => 'Aufgaben und Felder',
        'marked' => 'bleibt, mit einem Haken', 'gone' => 'verlässt die Tafel',
    ],
    'columns' => [
        'left' => 'linke Seite', 'right' => 'rechte Seite', 'item' => 'Zeile der Liste',
        'name' => 'Name', 'first name' => 'Vorname',
        'at last' => 'was zuletzt gezeigt wird',
        'time' => 'Zeit', 'passage' => 'Stelle, zu der es zurückgeht',
        'question' => 'Frage', 'answer' => 'Antwort', 'wrong' => 'wenn falsch', 'room' => 'Raum', 'topic' => 'Thema',
        'revise' => 'was zu üben ist',
        'way' => 'Weg', 'what happens' => 'was geschieht',
        'how it ends' => 'dann: nichts, um weiterzugehen, „zurück“, oder wie es endet',
        'outcome' => 'Ergebnis', 'what is said' => 'was gesagt wird',
        'options' => 'eine Auswahl je Ergebnis, in deren Reihenfolge',
        'right answer' => 'richtige Antwort', 'another' => 'eine andere (oder keine)', 'front' => 'Vorderseite',
        'back' => 'Rückseite', 'mark' => 'richtig, falsch oder eigene Worte (oder nichts)',
        'prompt' => 'Aufgabe', 'box' => 'Feld, das passt',
    ],
    'fields' => [
        'ranking' => 'Eine Rangfolge aller am Ende',
        'questions' => 'Fragen', 'place' => 'Name des Ortes', 'ask' => 'Was die Tür fragt', 'code' => 'Der Code',
        'codes' => 'Codes der Türen, Raum für Raum (sonst gezogen)', 'wrong' => 'Was bei falschem Code zu lesen ist',
        'right' => 'Was bei richtigem Code zu lesen ist',
        'then' => 'Nach dem Üben kommt', 'intro' => 'Was dort zuerst zu lesen ist', 'gate' => 'Name des Tors',
        'refused' => 'Was das Tor denen sagt, denen ein Stempel fehlt',
        'title' => 'Titel', 'problem' => 'Das Problem', 'ways' => 'Wege, es zu lösen', 'outcomes' => 'Ergebnisse',
        'quizQuestions' => 'Fragen, eine Auswahl je Ergebnis',
        'ties' => 'Wenn mehrere am höchsten sind', 'practice' => 'Fragen',
        'least' => 'So viele auf Anhieb richtig führen weiter',
        'revise' => 'Was zu üben ist', 'picture' => 'Bild', 'hidden' => 'Bild, das verborgen ist',
        'inside' => 'Was darin ist', 'cards' => 'Karten',
        'opens' => 'Geöffnet wird durch', 'leave' => '„Weiter“ gibt es',
        'finds' => 'Aufgaben, jede mit ihrem Feld', 'start' => 'Anleitung, bevor es beginnt',
        'mixed' => 'Für alle in anderer Reihenfolge', 'foundBoxes' => 'Ein gefundenes Feld',
        'questionPictures' => 'Bilder zu Fragen: Der Dateiname steht in der Frage, wie „Was ist das? kai.png“',
        'pictures' => 'Bilder statt Worten: Dateien, die wie in den Zeilen heißen',
    ],
    'all' => [
        'ladder' => [
            'name' => 'Fragenleiter', 'for' => 'Ein Arbeitsblatt wird ein Weg: jede Antwort öffnet die nächste Frage.',
        ],
        'keypad' => ['name' => 'Tür mit Code', 'for' => 'Eine Tür, ein Code, und was dazu zu lesen ist.'],
        'rooms' => [
            'name' => 'Räume mit Hinweisen',
            'for' => 'Jede Frage gibt eine Ziffer; die Ziffern eines Raums öffnen seine Tür.',
        ],
        'revise' => ['name' => 'Frage und Übung', 'for' => 'Eine falsche Antwort führt zum Üben und zurück.'],
        'hub' => [
            'name' => 'Themen in beliebiger Reihenfolge',
            'for' => 'Ein Ort zum Aufbrechen, Themen nach Belieben, ein Tor am Ende.',
        ],
        'gauntlet' => ['name' => 'Alles in einem Zug', 'for' => 'Jede falsche Antwort führt zurück zum Anfang.'],
        'ways' => ['name' => 'Mehrere Auswege', 'for' => 'Ein Problem, Wege, es zu lösen, und was aus jedem wird.'],
        'quiz' => ['name' => 'Wer bist du?', 'for' => 'Auswahlen zählen für Ergebnisse; das höchste gewinnt.'],
        'practice' => [
            'name' => 'Üben, bis es sitzt',
            'for' => 'Genug auf Anhieb richtig führt weiter; sonst üben, dann noch einmal in neuer Reihenfolge.',
        ],
        'picture' => ['name' => 'Antworten neben einem Bild', 'for' => 'Ein Arbeitsblatt, das sich selbst prüft.'],
        'treasure' => ['name' => 'Schatzkiste', 'for' => 'Mehrere Schlösser; sind alle offen, was darin ist.'],
        'mosaic' => ['name' => 'Verborgenes Bild', 'for' => 'Jede Antwort bringt Felder eines Bildes ans Licht.'],
        'find' => [
            'name' => 'Tafel zum Finden',
            'for' => 'Eine Aufgabe nach der anderen; zu jeder wird unter vielen Feldern das richtige angetippt.',
        ],
        'reveal' => ['name' => 'Tafel zum Aufdecken', 'for' => 'Unter jedem ist etwas: tippen, ziehen, schieben.'],
    ],
    'sample' => [
        'hidden' => "\t#17414d #f2b134\t".str_repeat('ab', 384),
        'finds' => "Er nistet in Höhlen\tPapageitaucher\nSie nistet auf blankem Kies\tSeeschwalbe\n"
            ."Er nistet auf Simsen\tBasstölpel",
        'questions' => "Welches Licht zeigt ein Hafen auf seiner linken Seite?\trot\tBackbord ist links.\tKai\n"
            ."Wie viele Minuten sind eine Viertelstunde?\t15\tEine Stunde hat 60.\tKai\n"
            ."Ein Turm hat 48 Stufen; 3/4 sind erstiegen. Wie viele bleiben?\t12\tEin Viertel bleibt.\tTurm\n"
            ."Was bricht im Leuchtturm das Licht?\teine Linse / Linse\tSie ist aus Glas.\tTurm",
        'ask' => 'Die vier Ziffern auf der Gezeitentafel?', 'code' => '0917',
        'codes' => '31, 42',
        'problem' => 'Der Nebel ist dicht, die Glocke zerbrochen. Wie warnst du die Fähre?',
        'ways' => "Die alte Lampe anzünden\tEs dauert, dann brennt sie.\n"
            ."Auf den Kessel schlagen\tSie hören dich gerade noch.\n"
            ."So laut rufen, wie du kannst\tDer Nebel verschluckt es.\tzurück\n"
            ."Auf den Wind warten\tDer Nebel lichtet sich zu spät.\tDie Fähre kehrt um. Niemand ist verletzt.",
        'outcomes' => "Wärter\tDu bleibst, wenn andere gehen.\nLotse\tDu kennst den Weg.\n"
            ."Kartograf\tDu siehst, was andere übersehen.",
        'quizQuestions' => "Was packst du zuerst ein?\teine Laterne\teinen Kompass\teinen Stift\n"
            ."Ein Sturm kommt. Du …\tbleibst\tsteuerst\tzeichnest ihn",
        'practice' => "Was ist ein Viertel von 48?\t12\t24\t16\nWas ist näher am Meer?\tder Kai\tder Turm\n"
            ."Was bricht Licht?\teine Linse\tein Seil\teine Glocke",
        'revise' => 'Eine Linse bricht Licht. Ein Viertel ist die Hälfte der Hälfte.',
        'inside' => 'Eine Messinglinse, in eine Flagge gewickelt.',
        'cards' => "Papageitaucher\tnistet in Höhlen\nSeeschwalbe\tnistet auf blankem Kies\n"
            ."Basstölpel\tnistet auf Simsen",
    ],
];
