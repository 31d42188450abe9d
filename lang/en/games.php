<?php

return [
    'untitled' => 'Untitled game',
    'blank_scene' => 'First scene',
    'blank_text' => 'Say where the students are and what they see.',
    'put_away' => '“:title” is put away. You find it at the foot of the shelf.',
    'brought_back' => '“:title” is back on the shelf.',
];
