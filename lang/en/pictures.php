<?php

return [
    'empty' => 'That file is empty. Nothing was taken; your scene is as it was.',
    'large' => 'That picture has :found megapixels; up to :most can be taken. Save it smaller and try again.',
    'heavy' => 'That file is too large to be taken. Save the picture smaller and try again; everything else is kept.',
    'unreadable' => 'That file is no picture that can be read here. PNG, JPEG, WebP, GIF and SVG can.',
    'unsafe' => 'Nothing of that drawing could be kept safely.',
    'no_room' => 'There is no room left to keep the picture. Everything else is kept.',
    'lost' => 'The connection broke before the picture arrived. Nothing else is lost; try it once more.',
];
