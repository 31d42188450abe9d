<?php

return [
    'strip' => [
        'title' => 'Rehearsal', 'uncounted' => 'nothing here is counted', 'edit' => 'Edit this scene',
        'anew' => 'From this scene anew', 'start' => 'From the start',
    ],
    'title' => 'Behind the scene', 'holds' => 'Holds', 'nothing' => 'nothing', 'tallies' => 'Stands',
    'must' => ':value, decided', 'never' => ':value, ruled out', 'caught' => 'What caught it',
    'hidden' => 'Hidden here', 'shownTo' => 'shown when :condition', 'lets' => 'Lets in when :condition',
    'rule' => 'Rule :rule of “:lock”: :verdict', 'otherwise' => 'No rule of “:lock” fits: stays shut',
    'refused' => 'Not possible now', 'none' => 'Do something and see which rule takes it.',
    'begin' => 'Begin with …', 'beginHere' => 'Begin here with these', 'guard' => 'without pauses',
    'player' => 'Who plays', 'playerHint' => 'you, or a team', 'phone' => 'As on a phone', 'page' => 'As on a screen',
    'onPhone' => 'The game as on a phone',
    'walkthroughs' => 'Walkthroughs', 'record' => 'Keep this way as', 'keep' => 'Keep it', 'name' => 'the short way',
    'kept' => 'Kept “:name”, {steps|=1 one step|:steps steps}. It is walked again after every change.',
    'short' => 'Go a step first; then there is a way to keep.', 'walk' => 'Walk “:name”', 'forget' => 'Forget “:name”',
    'forgotten' => 'forgot “:name”',
    'ahead' => 'Next step', 'step' => 'Go this step', 'all' => 'All :count steps at once',
    'parted' => 'This step leads elsewhere now: it was to lead to “:expected”.',
    'actions' => [
        'choose' => 'tap “:thing”', 'answer' => 'answer “:with” to “:thing”', 'lift' => 'lift “:thing”',
        'lower' => 'cover “:thing” again', 'hint' => 'ask for a hint to “:thing”', 'cue' => 'reach “:thing”',
        'back' => 'go back', 'continue' => 'go on',
        'judge' => 'judge the guess at “:thing”: :with', 'find' => 'find “:with” on “:thing”',
    ],
];
