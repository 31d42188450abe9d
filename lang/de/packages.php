<?php

return [
    'whole' => '„:title“ steht in Ihrem Regal, vollständig wie mitgenommen.',
    'with_notes' => '„:title“ steht in Ihrem Regal. Was an der Datei nicht stimmte, und was daraus wurde:',
    'left' => '{count|=1 Eines darin war nicht zu verstehen und ist weggelassen; der Rest ist behalten:|:count '
        .'Stellen darin waren nicht zu verstehen und sind weggelassen; der Rest ist behalten:}',
    'in' => 'In „:scene“: :said',
    'picture' => 'Das Bild „:picture“ ließ sich nicht übernehmen. :why',
    'open' => '{count|=1 Eine Stelle führt zu etwas oder nennt etwas, das es nicht gibt; die Prüfung zeigt, '
        .'wo.|:count Stellen führen zu etwas oder nennen etwas, das es nicht gibt; die Prüfung zeigt, wo.}',
    'more' => 'und :count weitere dieser Art.',
    'refused' => [
        'none' => 'Wählen Sie zuerst die Datei eines Spiels.',
        'lost' => 'Die Datei ist nicht vollständig angekommen. Es wurde nichts geändert; versuchen Sie es noch einmal.',
        'large' => 'Diese Datei ist größer als :most MB. Es wurde nichts geändert.',
        'no_package' => 'Das ist keine Datei eines Spiels. Ihr Regal ist, wie es war.',
        'no_document' => 'In diesem Archiv ist kein Spiel. Ihr Regal ist, wie es war.',
        'broken_document' => 'Das Spiel in dieser Datei bricht ab oder ist beschädigt. Ihr Regal ist, wie es war.',
        'other_version' => 'Dieses Spiel wurde mit einer Fassung gemacht, die hier unbekannt ist. Ihr Regal ist, wie '
            .'es war.',
        'no_game' => 'Nichts in dieser Datei ließ sich als Szene behalten. Ihr Regal ist, wie es war.',
    ],
];
