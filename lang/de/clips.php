<?php

return [
    'empty' => 'Diese Datei ist leer. Es wurde nichts übernommen; die Szene ist, wie sie war.',
    'large' => 'Diese Datei hat :found MB; bis :most werden angenommen. Speichern Sie sie kleiner, oder '
        .'geben Sie an, wo sie liegt. Die Szene ist, wie sie war.',
    'broken' => 'Diese Datei gibt sich als Film oder Ton aus und lässt sich nicht so lesen: Sie ist '
        .'beschädigt oder wurde nicht zu Ende gespeichert. Es wurde nichts übernommen; die Szene ist, wie sie war.',
    'unknown' => 'Diese Datei ist kein Film und kein Ton, den Browser abspielen, wie immer sie heißt. WebM, '
        .'MP4, Ogg, MP3 und M4A sind es. Es wurde nichts übernommen; die Szene ist, wie sie war.',
    'is' => [
        'zip' => 'Diese Datei ist ein gepackter Ordner, wie immer sie heißt. Entpacken Sie ihn und nehmen Sie den Film '
            .'darin.',
        'pdf' => 'Diese Datei ist ein PDF, wie immer sie heißt. Es wurde nichts übernommen.',
        'picture' => 'Diese Datei ist ein Bild, wie immer sie heißt. Nehmen Sie sie als Bild.',
        'page' => 'Diese Datei ist eine Webseite, wie immer sie heißt: Vielleicht wurde die Seite des Films '
            .'gespeichert und nicht der Film.',
        'theora' => 'Das ist ein Ogg-Film (Theora), den Browser nicht mehr abspielen. Speichern Sie ihn als WebM '
            .'oder MP4.',
        'mkv' => 'Das ist ein Matroska-Film, den Browser nicht abspielen. Speichern Sie ihn als WebM oder MP4.',
    ],
    'gone' => 'Was von dieser Datei angekommen war, ist nicht mehr da. Wählen Sie sie noch einmal; sonst ist nichts '
        .'verloren.',
    'busy' => 'Gerade wird ein anderer Film geschnitten. Versuchen Sie es danach noch einmal.',
    'no_tool' => 'Hier lassen sich keine Filme schneiden: Auf dem Server von Fravel ist kein ffmpeg.',
    'no_room' => 'Es ist kein Platz mehr für die Datei. Alles andere ist behalten.',
];
