<?php

return [
    'empty' => 'That file is empty. Nothing was taken; your scene is as it was.',
    'large' => 'That picture has :found megapixels; up to :most can be taken. Save it smaller and try again.',
    'heavy' => 'That file is too large to be taken. Save the picture smaller and try again; everything else is kept.',
    'unreadable' => 'That file is no picture that can be read here. PNG, JPEG, WebP, GIF and SVG can.',
    'missing' => 'It is not there.',
    'unsafe' => 'Nothing of that drawing could be kept safely.',
    'intricate' => 'That drawing has more parts than a screen can draw well. Save it as a PNG and take that; your '
        .'scene is as it was.',
    'full_game' => 'This game’s pictures fill their :most MB. Everything is kept; take smaller pictures, or go on in '
        .'another game.',
    'full_teacher' => 'The pictures of all your games fill your :most MB. Everything is kept as it is.',
    'nearly_game' => 'The pictures of this game take :used of :most MB.',
    'nearly_teacher' => 'The pictures of all your games take :used of :most MB.',
    'often' => 'That were many pictures at once. What came before is kept; wait :seconds seconds and take this one '
        .'again.',
    'no_room' => 'There is no room left to keep the picture. Everything else is kept.',
    'lost' => 'The connection broke before the picture arrived. Nothing else is lost; try it once more.',
    'full_game_clips' => 'This game’s films and sounds fill their :most MB. Everything is kept.',
    'full_teacher_clips' => 'The films and sounds of all your games fill your :most MB. Everything is kept.',
];
