<?php

// Was ein Durchlauf zeigte: der Bericht und der Weg einer Person.
return [
    'passages' => [
        'title' => 'Stellen in Filmen',
        'again' => '{plays|=1 eine Person sah es noch einmal|:plays sahen es noch einmal}, insgesamt {times|=1 '
            .'ein Mal|:times Mal}',
        'begun' => '{plays|=1 eine Person begann dort|:plays begannen dort}',
    ],
    'title' => 'Bericht', 'board' => 'Überblick', 'settings' => 'Einstellungen',
    'views' => 'Ansichten dieses Durchlaufs',
    'of' => '{joined|=1 von einer Person fertig|von :joined fertig}',
    'median' => 'in der Mitte, vom Anfang bis zum Ende',
    'rate' => 'auf Anhieb richtig',
    'nobody' => 'Noch ist niemand dabei. Sobald jemand spielt, steht es hier.',
    'columns' => [
        'lock' => 'Schloss', 'first' => 'Auf Anhieb richtig', 'tries' => 'Versuche', 'time' => 'Zeit',
        'hints' => 'Hinweise', 'left' => 'Hier aufgehört',
    ],
    'spread' => 'die Hälfte zwischen :low und :high',
    'instead' => 'Was stattdessen geantwortet wurde',
    'untried' => 'Noch niemand hat es versucht.',
    'gaps' => 'Lücke für Lücke, beim ersten Versuch',
    'covers' => [
        'kind' => 'Abdeckungen', 'cover' => 'Abdeckung', 'lifted' => 'Aufgedeckt', 'right' => 'Richtig geraten',
        'wrong' => 'Falsch geraten',
    ],
    'often' => 'Falsche Antworten:',
    'none' => 'Hier hat niemand falsch geantwortet.',
    'also' => 'auch: :others', 'gave' => '{count|=1 eine Person|:count Personen}',
    'reads' => 'Sie lesen: :words', 'reads_none' => 'Sie lesen nur, dass es nicht richtig ist.',
    'reads_draft' => 'Im Entwurf lesen sie jetzt: :words', 'to_card' => 'Zu seiner Karte',
    'say' => 'Was liest, wer so antwortet', 'say_hint' => 'Worte, die weiterhelfen, und nicht die Antwort',
    'say_it' => 'Das sagen', 'accept' => 'Auch gelten lassen',
    'empty' => 'Schreiben Sie, was zu lesen sein soll.',
    'said' => 'Was Sie zu „:answer“ sagen, steht im Entwurf. Es hätte :count von :of erreicht.',
    'accepted' => '„:answer“ öffnet das Schloss im Entwurf jetzt auch. Es hätte :count von :of geholfen.',
    'helps_now' => 'Es hilft :names, {count|=1 jetzt dort|jetzt alle dort}, sobald Sie dieser Klasse auf ihrem '
        .'Überblick das Spiel geben, wie es jetzt ist.',
    'refused' => 'Der Entwurf hat dieses Schloss nicht mehr, oder es fragt jetzt etwas anderes. Nichts wurde geändert.',
    'label' => ['say' => 'Worte zu einer Antwort aus einem Durchlauf', 'accept' => 'eine Antwort aus einem Durchlauf'],
    'hard' => [
        'easy' => 'Leicht: fast alle hatten es auf Anhieb.', 'fair' => 'Angemessen: die meisten hatten es auf Anhieb.',
        'hard' => 'Schwer: weniger als zwei von drei hatten es auf Anhieb.',
        'very' => 'Sehr schwer: weniger als eine von drei Personen hatte es auf Anhieb.',
    ],
    'tells' => [
        'well' => 'Wer es hier hat, ist auch sonst gut: Es zeigt gut, wer die Sache kennt.',
        'some' => 'Es zeigt ein wenig, wer die Sache kennt.',
        'little' => 'Es zeigt nicht, wer die Sache kennt.',
        'wrong' => 'Wer sonst gut ist, scheitert hier: Sehen Sie nach, ob es fragt, was Sie meinen.',
    ],
    'finding' => [
        'kind' => 'Tafel zum Finden',
        'done' => ':done von :played fanden alles.',
        'wrong' => 'Falsche Griffe: :median in der Mitte, die Hälfte zwischen :low und :high.',
        'mistook' => '{count|=1 hielt|hielten} „:picked“ für „:asked“',
    ],
    'ways' => ['title' => 'Welche Wege genommen wurden'],
    'outcomes' => [
        'title' => 'Wer wo herauskam', 'none' => 'Nicht am Ende',
        'more' => 'und :count weitere, die in der Tabelle der Spiele stehen',
    ],
    'compare' => [
        'title' => 'Im Vergleich',
        'alone' => 'Das ist bisher der einzige Durchgang des Spiels. Weitere stehen hier daneben.',
        'waiting' => 'Der Bericht von :run wird gerade gemacht; dann steht er auch hier.',
        'help' => 'Richtig beim ersten Versuch, darunter die Zeit bis zum Öffnen, in der Mitte.',
    ],
    'unseen' => 'Szenen, die niemand sah',
    'trail' => 'Alles, was :name tat', 'trail_of' => 'Was :name tat',
    'members' => 'Gemeinsam: :names',
    'trail_none' => 'Noch nichts.', 'began' => 'Begann um :time', 'ended' => 'fertig nach :time',
    'step' => [
        'at' => 'Um', 'after' => 'Nach', 'where' => 'Wo', 'what' => 'Was', 'read' => 'Was dazu zu lesen war',
    ],
    'begins' => 'beginnt', 'begins_anew' => 'beginnt neu',
    'led' => 'weiter zu :scene', 'restarts' => '{count|=0 |=1 einmal neu begonnen|:count-mal neu begonnen}',
    'table' => [
        'choice' => 'Wahl',
        'name' => 'Name', 'by' => 'Wer vom Team',
        'at' => 'Um (:zone)', 'after' => 'Sekunden seit der vorigen', 'scene' => 'Szene',
        'lock' => 'Schloss', 'answer' => 'Antwort', 'verdict' => 'Urteil', 'read' => 'Was zu lesen war',
        'tried' => 'Beantwortet von', 'opened' => 'Geöffnet von', 'first' => 'Auf Anhieb richtig',
        'tries' => 'Versuche (Median)', 'seconds' => 'Sekunden (Median)', 'hints' => 'Baten um Hinweis',
        'left' => 'Hier aufgehört', 'tells' => 'Geht mit den anderen (−1 bis 1)',
    ],
    'take' => [
        'choices' => 'Wahlen als CSV',
        'pdf' => 'Der Bericht als PDF', 'answers' => 'Alle Antworten als CSV', 'locks' => 'Schlösser als CSV',
    ],
    'making' => [
        'title' => 'Wird gemacht',
        'what' => [
            'figures' => 'Bericht', 'pdf' => 'Der Bericht als PDF', 'csv' => 'Wer wie weit kam, als CSV',
            'answers' => 'Alle Antworten als CSV', 'locks' => 'Schlösser als CSV', 'choices' => 'Wahlen als CSV',
            'records' => 'Lernaufzeichnungen (xAPI)',
        ],
        'why' => 'So viele haben gespielt (:count), dass es einen Moment dauert. Es wird nebenher gemacht, damit keine '
            .'Klasse darauf wartet.',
        'far' => ':percent % sind gelesen', 'waiting' => 'Andere sind zuerst dran; dies beginnt von selbst.',
        'made' => 'Es ist fertig.', 'open' => 'Bericht öffnen', 'take' => 'Datei holen',
        'look' => 'Noch einmal nachsehen',
        'failed' => 'Es ging nicht; vielleicht ist auf dem Rechner kein Platz mehr. Was die Klasse getan hat, ist '
            .'alles da.',
        'again' => 'Noch einmal versuchen', 'back' => 'Zurück zum Bericht', 'from' => 'Stand :time.',
    ],
    'verdict' => [
        'round' => 'richtig, eine von mehreren',
        'waiting' => 'wartet auf dich',
        'open' => 'richtig', 'almost' => 'fast', 'wrong' => 'falsch'],
];
