<?php

return [
    'empty' => 'Diese Datei ist leer. Nichts wurde genommen; Ihre Szene ist, wie sie war.',
    'large' => 'Dieses Bild hat :found Megapixel; bis zu :most gehen. Speichern Sie es kleiner und versuchen Sie es '
        .'noch einmal.',
    'heavy' => 'Diese Datei ist zu groß. Speichern Sie das Bild kleiner und versuchen Sie es noch einmal; alles '
        .'andere bleibt.',
    'unreadable' => 'Diese Datei ist kein Bild, das hier gelesen werden kann. PNG, JPEG, WebP, GIF und SVG gehen.',
    'missing' => 'Es ist nicht da.',
    'unsafe' => 'Von dieser Zeichnung ließ sich nichts sicher behalten.',
    'intricate' => 'Diese Zeichnung hat mehr Teile, als ein Bildschirm gut zeichnet. Speichern Sie sie als PNG und '
        .'nehmen Sie das; Ihre Szene ist, wie sie war.',
    'full_game' => 'Die Bilder dieses Spiels füllen ihre :most MB. Alles bleibt; nehmen Sie kleinere Bilder, oder '
        .'machen Sie in einem anderen Spiel weiter.',
    'full_teacher' => 'Die Bilder aller Ihrer Spiele füllen Ihre :most MB. Alles bleibt, wie es ist.',
    'nearly_game' => 'Die Bilder dieses Spiels brauchen :used von :most MB.',
    'nearly_teacher' => 'Die Bilder aller Ihrer Spiele brauchen :used von :most MB.',
    'often' => 'Das waren viele Bilder auf einmal. Was vorher kam, bleibt; warten Sie :seconds Sekunden und nehmen '
        .'Sie dieses noch einmal.',
    'no_room' => 'Es ist kein Platz mehr für das Bild. Alles andere bleibt.',
    'lost' => 'Die Verbindung brach ab, ehe das Bild da war. Sonst ging nichts verloren; versuchen Sie es noch einmal.',
    'full_game_clips' => 'Die Filme und Töne dieses Spiels füllen ihre :most MB. Alles ist behalten.',
    'full_teacher_clips' => 'Die Filme und Töne all Ihrer Spiele füllen Ihre :most MB. Alles ist behalten.',
];
