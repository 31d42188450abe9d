<?php

return [
    'title' => 'Aus einem Arbeitsblatt',
    'change' => 'Den eingefügten Text ändern',
    'source' => [
        'paste' => 'Zeilen einfügen: Frage, Antwort, Rückmeldung bei Falschem, Raum',
        'help' => 'Direkt aus einer Tabelle oder als CSV. Nur Frage und Antwort müssen sein. Mehrere richtige '
            .'Antworten stehen in einer Zelle mit „|“ oder „/“ dazwischen. „Mindestens 40 Wörter“ fragt nach einem '
            .'Text, „*“ nach irgendeinem Satz. Ein Stern macht Auswahl: „*rot | grün“. Wörter in [Klammern] sind '
            .'Lücken.',
        'file' => 'oder eine Datei öffnen',
        'language' => 'Sprache des Spiels',
        'sample' => 'Ein Beispiel einsetzen',
        'read' => 'Lesen',
    ],
    'preview' => [
        'rows' => '{count|=1 Eine Zeile|:count Zeilen}',
        'parted' => 'getrennt durch :by, {headings|=0 ohne Überschriften|mit einer Zeile Überschriften}{empty|=0 |=1 '
            .'; eine leere Zeile ausgelassen|; :empty leere Zeilen ausgelassen}.',
        'cut' => 'Es waren mehr Zeilen: die ersten :count sind hier, der Rest wurde nicht gelesen.',
        'others' => 'Anders trennen',
        'wrong' => 'Falsche Felder? Trennen durch',
        'noHeading' => 'auch die erste Zeile ist eine Frage',
        'build' => 'Das Spiel bauen',
        'caption' => 'Was verstanden wurde, Zeile für Zeile. Alles lässt sich hier und später ändern.',
        'columns' => [
            'Nehmen', 'Frage', 'Richtige Antworten, eine je Zeile', 'Art', 'Rückmeldung bei Falschem', 'Raum',
        ],
        'cells' => [
            'take' => 'Zeile :number nehmen',
            'question' => 'Frage der Zeile :number',
            'answers' => 'Richtige Antworten der Zeile :number',
            'kind' => 'Art der Antwort der Zeile :number',
            'feedback' => 'Rückmeldung der Zeile :number',
            'room' => 'Raum der Zeile :number',
        ],
        'neutral' => 'neutrale Worte',
    ],
    'problem' => [
        'answer' => '„:what“ ginge mit der Antwort daneben nicht auf, also wurde nichts gebaut. Die '
            .'Zeilen sind noch da.',
        'wrong' => '„:what“ ginge mit einer falschen Antwort auf, also wurde nichts gebaut. Die '
            .'Zeilen sind noch da.',
        'shut' => '„:what“ würde nie gefragt, also wurde nichts gebaut. Die Zeilen sind noch da.',
        'stuck' => 'Das Spiel ließe sich nicht zu Ende spielen, also wurde nichts gebaut. Die '
            .'Zeilen sind noch da.',
        'empty' => 'Hier ist noch nichts zu lesen. Fügen Sie Zeilen aus einer Tabelle ein oder öffnen Sie eine Datei.',
        'long' => 'Das ist mehr, als ein Arbeitsblatt fasst (1 MB). Nichts wurde gelesen; Ihr Text ist noch hier. '
            .'Behalten Sie die nötigen Zeilen und versuchen Sie es noch einmal.',
        'much' => 'Das ist mehr, als ein Arbeitsblatt fasst (1 MB), darum wurde es nicht eingefügt. Was vorher hier '
            .'stand, bleibt. Kopieren Sie weniger Zeilen und fügen Sie noch einmal ein.',
        'workbook' => 'Das ist eine Arbeitsmappe. Speichern Sie sie im Tabellenprogramm als CSV, oder kopieren Sie '
            .'die Zeilen und fügen Sie sie hier ein.',
        'binary' => 'Diese Datei enthält keinen Text. Öffnen Sie eine CSV-Datei, oder kopieren Sie die Zeilen und '
            .'fügen Sie sie hier ein.',
        'nothing' => 'Keine Zeile mit Frage und Antwort ist angekreuzt, darum wurde nichts gebaut. Ihre Zeilen sind '
            .'noch hier.',
    ],
    'notes' => [
        'row.alternatives' => 'eine davon',
        'row.unit' => 'Zahl mit Einheit; andere derselben Größe werden umgerechnet',
        'row.about' => 'fragt nach „etwa“: 2 % auf oder ab ist richtig',
        'row.sentence' => 'jeder ganze Satz',
        'row.code' => 'Code: jede Ziffer zählt',
        'row.length' => 'ein Text dieser Länge',
        'row.options' => 'zur Auswahl; was einen Stern hat, ist richtig',
        'row.gaps' => 'Wörter in Klammern sind Lücken; weitere Wörter kommen dazu',
        'row.signs' => 'keine Taste schreibt das: Tasten mit diesen Zeichen und anderen',
        'row.no-answer' => 'keine Antwort angegeben',
        'row.no-feedback' => 'noch keine Rückmeldung: Fravel sagt ein neutrales Wort',
    ],
    'sample' => "Frage\tAntwort\tWenn falsch\tRaum\n"
        ."Welches Licht zeigt ein Hafen links dem, der einläuft?\trot\tBackbord ist links; welche Farbe hat "
        ."Backbord?\tKai\nWie viele Minuten sind eine Viertelstunde?\t15\tEine Stunde hat 60 Minuten.\tKai\n"
        ."Ein Turm hat 48 Stufen. 3/4 sind erstiegen. Wie viele bleiben?\t12\tEin Viertel bleibt.\tTurm\n"
        ."Was bricht im Leuchtturm das Licht?\teine Linse / Linse\tSie ist aus Glas.\tTurm",
    'beyond' => 'ausgelassen, weil es dafür keine Spalte gibt: :cells',
    'repeats' => 'fragt dasselbe wie Zeile :number, darum ausgelassen',
    'kinds' => [
        'text' => 'Worte', 'number' => 'Zahl', 'digits' => 'Code', 'sentence' => 'beliebiger Satz',
        'length' => 'mindestens so viele Wörter', 'options' => 'zur Auswahl', 'gaps' => 'Lücken',
        'signs' => 'Zeichen auf Tasten',
    ],
    'separators' => ["\t" => 'Tabulatoren', ';' => 'Semikolons', ',' => 'Kommas', '|' => 'senkrechte Striche'],
];
