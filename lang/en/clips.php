<?php

return [
    'empty' => 'That file is empty. Nothing was taken; your scene is as it was.',
    'large' => 'That file has :found MB; up to :most can be taken. Save it smaller, or give the address of '
        .'where it lies. Your scene is as it was.',
    'broken' => 'That file says it is a film or a sound, and can’t be read as one: it is broken, or was not '
        .'saved to its end. Nothing was taken; your scene is as it was.',
    'unknown' => 'That file is no film and no sound that browsers play, whatever it is called. WebM, MP4, Ogg, MP3 and '
        .'M4A are. Nothing was taken; your scene is as it was.',
    'is' => [
        'zip' => 'That file is a packed folder, whatever it is called. Unpack it, and take the film in it.',
        'pdf' => 'That file is a PDF, whatever it is called. Nothing was taken.',
        'picture' => 'That file is a picture, whatever it is called. Take it as a picture.',
        'page' => 'That file is a web page, whatever it is called: perhaps the page of the film was saved, and not the '
            .'film.',
        'theora' => 'That is an Ogg film (Theora), which browsers play no more. Save it as WebM or MP4.',
        'mkv' => 'That is a Matroska film, which browsers don’t play. Save it as WebM or MP4.',
    ],
    'gone' => 'What had arrived of that file is not there any more. Choose it again; nothing else is lost.',
    'busy' => 'Another film is being cut just now. Try it again when that is through.',
    'no_tool' => 'Films can’t be cut here: ffmpeg is not on the machine that serves Fravel.',
    'no_room' => 'There is no room left to keep the file. Everything else is kept.',
];
