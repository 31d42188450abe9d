<?php

// What a run showed: the report, and the trail of one student.
return [
    'passages' => [
        'title' => 'Passages of films',
        'again' => '{plays|=1 one student saw it again|:plays students saw it again}, {times|=1 once|:times '
            .'times} in all',
        'begun' => '{plays|=1 one student began there|:plays students began there}',
    ],
    'title' => 'Report', 'board' => 'Board', 'settings' => 'Settings', 'views' => 'Views of this run',
    'of' => '{joined|=1 of one finished|of :joined finished}', 'median' => 'in the middle, from start to end',
    'rate' => 'right at first try',
    'nobody' => 'Nobody has joined yet. As soon as somebody plays, it shows here.',
    'columns' => [
        'lock' => 'Lock', 'first' => 'Right at first try', 'tries' => 'Tries', 'time' => 'Time', 'hints' => 'Hints',
        'left' => 'Left here',
    ],
    'spread' => 'half of them between :low and :high',
    'instead' => 'What they answered instead',
    'untried' => 'Nobody has tried it yet.',
    'gaps' => 'Gap by gap, at the first try',
    'covers' => [
        'kind' => 'covers', 'cover' => 'Cover', 'lifted' => 'Lifted', 'right' => 'Guessed right',
        'wrong' => 'Guessed wrong',
    ],
    'often' => 'Wrong answers:',
    'none' => 'Nobody gave a wrong answer here.',
    'also' => 'also: :others', 'gave' => '{count|=1 one student|:count students}',
    'reads' => 'They read: :words', 'reads_none' => 'They read only that it is not right.',
    'reads_draft' => 'In the draft they read now: :words', 'to_card' => 'To its card',
    'say' => 'What students read who answer this', 'say_hint' => 'words that help on, and not the answer',
    'say_it' => 'Say this', 'accept' => 'Accept this too',
    'empty' => 'Write what students are to read.',
    'said' => 'What you say to “:answer” is in the draft. It would have met :count of :of students.',
    'accepted' => '“:answer” opens the lock in the draft, too. It would have helped :count of :of students.',
    'helps_now' => 'It helps {count|=1 :names, who stands|:names, who stand} there now, as soon as you give this class '
        .'the game as it is now, on its board.',
    'refused' => 'The draft has no such lock any more, or it asks for something else now. Nothing was changed.',
    'label' => ['say' => 'words for an answer from a run', 'accept' => 'an answer from a run'],
    'hard' => [
        'easy' => 'Easy: nearly all had it at first try.', 'fair' => 'Fair: most had it at first try.',
        'hard' => 'Hard: fewer than two in three had it at first try.',
        'very' => 'Very hard: fewer than one in three had it at first try.',
    ],
    'tells' => [
        'well' => 'Who has it here does well elsewhere too: it tells well who knows the matter.',
        'some' => 'It tells a little who knows the matter.',
        'little' => 'It does not tell who knows the matter.',
        'wrong' => 'Those who do well elsewhere fail here: look whether it asks what you mean.',
    ],
    'finding' => [
        'kind' => 'find-it board',
        'done' => ':done of :played found all of it.',
        'wrong' => 'Wrong picks: :median in the middle, half of them between :low and :high.',
        'mistook' => '{count|=1 student took|students took} “:picked” for “:asked”',
    ],
    'ways' => ['title' => 'Which ways they took'],
    'outcomes' => [
        'title' => 'Who came out where', 'none' => 'Not at an end',
        'more' => 'and :count more, who stand in the table of plays',
    ],
    'compare' => [
        'title' => 'Compared', 'alone' => 'This is the only run of the game yet. Further ones stand beside it here.',
        'waiting' => 'The report of :run is being made; then it stands here too.',
        'help' => 'Right at first try, and below it the time until it opened, in the middle.',
    ],
    'unseen' => 'Scenes that nobody saw',
    'trail' => 'All that :name did', 'trail_of' => 'What :name did',
    'members' => 'Together: :names',
    'trail_none' => 'Nothing yet.', 'began' => 'Began at :time', 'ended' => 'ended after :time',
    'step' => [
        'at' => 'At', 'after' => 'After', 'where' => 'Where', 'what' => 'What', 'read' => 'What was read of it',
    ],
    'begins' => 'begins', 'begins_anew' => 'begins anew',
    'led' => 'on to :scene', 'restarts' => '{count|=0 |=1 begun anew once|begun anew :count times}',
    'table' => [
        'choice' => 'Choice',
        'name' => 'Name', 'by' => 'Who of the team',
        'at' => 'At (:zone)', 'after' => 'Seconds since the one before', 'scene' => 'Scene',
        'lock' => 'Lock', 'answer' => 'Answer', 'verdict' => 'Verdict', 'read' => 'What was read',
        'tried' => 'Answered by', 'opened' => 'Opened by', 'first' => 'Right at first try', 'tries' => 'Tries (median)',
        'seconds' => 'Seconds (median)', 'hints' => 'Asked for a hint', 'left' => 'Left here',
        'tells' => 'Goes with the others (−1 to 1)',
    ],
    'take' => [
        'choices' => 'Choices as CSV',
        'pdf' => 'The report as PDF', 'answers' => 'All answers as CSV', 'locks' => 'Locks as CSV',
    ],
    'making' => [
        'title' => 'Being made',
        'what' => [
            'figures' => 'Report', 'pdf' => 'The report as PDF', 'csv' => 'Who came how far, as CSV',
            'answers' => 'All answers as CSV', 'locks' => 'Locks as CSV', 'choices' => 'Choices as CSV',
            'records' => 'Learning records (xAPI)',
        ],
        'why' => 'So many played (:count) that it takes a moment. It is made beside everything else, so that no class '
            .'waits for it.',
        'far' => ':percent % is read', 'waiting' => 'Others are being made first; this one begins by itself.',
        'made' => 'It is ready.', 'open' => 'Open the report', 'take' => 'Take the file', 'look' => 'Look again',
        'failed' => 'It could not be made; perhaps there is no room left on the machine. What the class did is all '
            .'there.',
        'again' => 'Try again', 'back' => 'Back to the report', 'from' => 'As it was at :time.',
    ],
    'verdict' => [
        'round' => 'right, one of several',
        'waiting' => 'waits for you',
        'open' => 'right', 'almost' => 'close', 'wrong' => 'wrong'],
];
