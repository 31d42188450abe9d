<?php

return [
    'you' => 'You',
    'verdict' => ['open' => 'Open.', 'almost' => 'Close.', 'wrong' => 'Not yet.'],
    'neutral' => ['open' => 'That’s right.', 'almost' => 'Not quite. Look at it once more.', 'wrong' => 'That doesn’t open it.'],
    'stranger' => 'This device has lost its place. Give your name and your two words to go on; what you typed is still here.',
    'refused' => [
        'answer' => [
            'blank' => 'Type an answer first.',
            'incomplete' => 'That isn’t whole yet. Fill every place.',
            'malformed' => 'That answer doesn’t fit this lock.',
            'long' => 'That is longer than :most characters. It is still here: shorten it and try again.',
        ],
        'lock' => [
            'open' => 'This is open already.',
            'not-ready' => 'It doesn’t take an answer yet. Something is missing.',
            'guarded' => 'Wait :seconds s before the next try.',
            'shut' => 'This is still shut.',
        ],
        'hint' => ['none' => 'There is no hint to give right now.'],
        'cover' => ['lifted' => 'It is lifted already.', 'locked' => 'A lock holds this shut.', 'stays' => 'This stays as it is.'],
        'cue' => ['passed' => 'This moment has passed.'],
        'back' => ['none' => 'There is no way back from here.'],
        'continue' => ['none' => 'Nothing leads on from here yet.'],
        'thing' => ['absent' => 'That isn’t here any more. This is where you are now.', 'other' => 'That can’t be done with this.'],
        'play' => ['ended' => 'This game is over.', 'busy' => 'Somebody else of you was quicker. Try again.'],
        'run' => ['closed' => 'Your teacher has closed this game. Everything you did is kept.'],
        'action' => ['unknown' => 'That was no move of this game. Nothing has changed.'],
    ],
    'join' => [
        'unknown' => 'There is no game with the code :code. Check each letter with your teacher.',
        'closed' => 'This game is closed for new players. Ask your teacher to open it.',
        'nameless' => 'Type a name first.',
        'taken' => 'Somebody here is called :name already. If that is you, give your two words. If not, add a letter to your name.',
        'no_such' => 'That name and those two words don’t belong together in this game. Check both, or ask your teacher.',
    ],
    'place' => 'A place to look at',
    'look' => 'Look',
    'cover' => 'Something covered',
    'continue' => 'Go on',
    'back' => 'Go back',
    'colours' => [],
];
