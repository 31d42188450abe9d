<?php

// A draft, played by a made-up class.
return [
    'title' => 'A dry run', 'first' => 'First see how a made-up class gets on',
    'estimate' => 'This is an estimate.',
    'help' => ':count made-up students, stronger and weaker ones, played the draft just now. Real classes differ; read '
        .'it as where to look once more, not as what will be.',
    'fewer' => 'The draft is large. {students|=0 None|Only :students} of :wanted came through it in the time that '
        .'a page may take.',
    'nothing' => 'There is nothing to play yet: a first scene with a way on, or a lock.',
    'minutes' => 'Minutes of the lesson', 'again' => 'Reckon',
    'times' => 'From start to end', 'in_minutes' => ':count min',
    'between' => 'in the middle; half of them between :low and :high',
    'endless' => 'Nobody comes to an end: this game has none, or none is reached.',
    'within' => 'Through within {count|=1 one minute|:count minutes}',
    'sticking' => 'Where they may get stuck',
    'columns' => 'Right at first try, and the time a slow one of four took.',
    'unseen' => 'Scenes that none of them came to',
    'how' => 'What it assumes',
    'assumptions' => [
        'Two of three first answers are right; who is weaker, or does not grasp one thing, needs more tries.',
        'They read 150 words a minute, and need 25 seconds to pick, 45 for a code and two minutes for a long answer '
            .'before they give it, twice as long where they hardly grasp it.',
        'Wrong answers are mostly those the game foresees, else slips and guesses; after a wrong try one in three asks '
            .'for a hint.',
        'They try what is new before what they know, and come back to what stays shut. They see no pictures: what only '
            .'a picture tells takes real students longer.',
        'The same draft gives the same estimate.',
    ],
];
