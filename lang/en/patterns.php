<?php

// For each pattern: its name, what it is good for, its fields, and a sample from which its picture is drawn.
return [
    'title' => 'Build from a pattern', 'build' => 'Build it', 'close' => 'not now', 'optional' => 'if you like',
    'needs' => 'Still needed: :fields', 'understood' => ':count understood', 'left' => ':count left out',
    'partedBy' => 'parted by :by', 'cut' => 'there were more rows than are read',
    'headingIsRow' => 'the first row is content too', 'headingAgain' => 'the first row names the columns',
    'eachCell' => 'each cell',
    'grammar' => 'Several answers: “a | b”. A star makes options: “*a | b”. “at least 40 words”, “*” '
        .'for any sentence. [Words] in a question are gaps. “12 ± 1”, “4 m”, “50 %” are numbers.',
    'long' => 'One of the fields is longer than the :max characters it may have. It is still here; shorten it.',
    'built' => 'built “:name”',
    'rows' => 'Type or paste rows from a spreadsheet', 'usual' => 'What I usually want',
    'usualLook' => 'At the head of each scene', 'noLook' => 'nothing', 'usualRight' => 'Words for a right answer',
    'usualWrong' => 'Words for a wrong answer', 'usualTries' => 'Pause after so many wrong tries',
    'usualWait' => 'Seconds of the pause', 'kept' => 'kept for next time',
    'chooseFiles' => 'Choose pictures', 'taken' => '{count|=0 none yet|=1 one picture|:count pictures}',
    'taking' => 'Taking :name …',
    'picture' => 'Which picture', 'picked' => 'another picture', 'afterHere' => 'It goes behind “:scene”.',
    'alone' => 'It becomes this game.', 'gameTitle' => 'Title of the game', 'instead' => 'Which way it takes over',
    'way' => '“:part” → :to', 'open' => 'an open end',
    'fault' => [
        'codes' => 'A code needs at least one figure for each question of its room.',
        'codeDigits' => 'The codes of these doors are of digits: each question gives some of them. Other codes: “Door '
            .'with a code”.',
        'roomMany' => 'A room takes at most 20 questions: its door has as many figures.',
        'codesMany' => 'There are more codes than rooms.',
    ],
    'pictures' => 'what it will build',
    'choices' => [
        'no' => 'without it', 'yes' => 'with it',
        'same' => 'the same question again', 'next' => 'the next question',
        'earlier' => 'the one listed first is the one', 'each' => 'all of them are told',
        'asked' => 'a question decides',
        'tap' => 'tapping it', 'pull' => 'pulling it out', 'slide' => 'sliding it across',
        'anytime' => 'from the start', 'uncovered' => 'when everything is uncovered',
        'prompts' => 'the prompts', 'boxes' => 'the boxes', 'both' => 'prompts and boxes',
        'marked' => 'stays, with a tick', 'gone' => 'leaves the board',
    ],
    'columns' => [
        'left' => 'left side', 'right' => 'right side', 'item' => 'line of the list',
        'name' => 'name', 'first name' => 'first name',
        'at last' => 'what is shown at last',
        'time' => 'time', 'passage' => 'passage to go back to',
        'question' => 'question', 'answer' => 'answer', 'wrong' => 'if wrong', 'room' => 'room', 'topic' => 'topic',
        'revise' => 'what to revise', 'way' => 'way', 'what happens' => 'what happens',
        'how it ends' => 'then: nothing to go on, “back”, or how it ends', 'outcome' => 'outcome',
        'what is said' => 'what is said',
        'options' => 'an option for each outcome, in their order',
        'right answer' => 'right answer', 'another' => 'another option (or none)', 'front' => 'front', 'back' => 'back',
        'mark' => 'right, wrong or own words (or none)', 'prompt' => 'prompt', 'box' => 'box that answers',
    ],
    'fields' => [
        'ranking' => 'A ranking of all at the end',
        'questions' => 'Questions', 'place' => 'Name of the place', 'ask' => 'What the door asks', 'code' => 'The code',
        'codes' => 'Codes of the doors, room by room (drawn where none is given)',
        'wrong' => 'What a wrong code gets to read',
        'right' => 'What the right code gets to read', 'then' => 'After revising comes',
        'intro' => 'What students read there first', 'gate' => 'Name of the gate',
        'refused' => 'What the gate says to those who lack a stamp',
        'title' => 'Title', 'problem' => 'The problem', 'ways' => 'Ways to solve it', 'outcomes' => 'Outcomes',
        'quizQuestions' => 'Questions, an option for each outcome',
        'ties' => 'If several are highest', 'practice' => 'Questions',
        'least' => 'So many right at first try lead on', 'revise' => 'What to revise', 'picture' => 'Picture',
        'hidden' => 'Picture that is hidden',
        'inside' => 'What is inside', 'cards' => 'Cards', 'opens' => 'Each is opened by',
        'leave' => '“Go on” is there',
        'finds' => 'Prompts, each with its box', 'start' => 'Directions before it begins',
        'mixed' => 'In another order for each', 'foundBoxes' => 'A box that was found',
        'questionPictures' => 'Pictures of questions: the file’s name stands in its question, as “What is this? '
            .'quay.png”',
        'pictures' => 'Pictures instead of words: files named as in the rows',
    ],
    'all' => [
        'ladder' => [
            'name' => 'Question ladder', 'for' => 'A worksheet becomes a way: each answer opens the next question.',
        ],
        'keypad' => ['name' => 'Door with a code', 'for' => 'One door, one code, and what each reads.'],
        'rooms' => [
            'name' => 'Rooms with clues', 'for' => 'Each question gives a digit; the digits of a room open its door.',
        ],
        'revise' => ['name' => 'Question and revision', 'for' => 'A wrong answer leads to what to revise, and back.'],
        'hub' => [
            'name' => 'Topics in any order',
            'for' => 'A place to start from, topics as students like, a gate at the end.',
        ],
        'gauntlet' => ['name' => 'All in one go', 'for' => 'Any wrong answer leads back to the start.'],
        'ways' => ['name' => 'Several ways out', 'for' => 'A problem, ways to solve it, and what comes of each.'],
        'quiz' => ['name' => 'Which one are you?', 'for' => 'Options count for outcomes; the highest wins.'],
        'practice' => [
            'name' => 'Practice until it sits',
            'for' => 'Enough right at first try leads on; else revise, then once more in a new order.',
        ],
        'picture' => ['name' => 'Answers beside a picture', 'for' => 'A worksheet page that checks itself.'],
        'treasure' => ['name' => 'Treasure box', 'for' => 'Several locks; when all are open, what is inside.'],
        'mosaic' => ['name' => 'Hidden picture', 'for' => 'Each answer brings some cells of a picture to light.'],
        'find' => [
            'name' => 'Find-it board',
            'for' => 'Prompts one after the other; each is answered by tapping the right one of many boxes.',
        ],
        'reveal' => ['name' => 'Board to uncover', 'for' => 'Something is under each: to tap, to pull, to slide.'],
    ],
    'sample' => [
        'hidden' => "\t#17414d #f2b134\t".str_repeat('ab', 384),
        'finds' => "It nests in burrows\tPuffin\nIt nests on bare shingle\tTern\nIt nests on ledges\tGannet",
        'questions' => "Which light does a harbour show on its left side?\tred\tPort is left.\tQuay\n"
            ."How many minutes are a quarter of an hour?\t15\tAn hour has 60.\tQuay\n"
            ."A tower has 48 steps; 3/4 are climbed. How many are left?\t12\tA quarter is left.\tTower\n"
            ."What bends light in a lighthouse?\ta lens / lens\tIt is of glass.\tTower",
        'ask' => 'The four digits on the tide table?', 'code' => '0917',
        'codes' => '31, 42',
        'problem' => 'The fog is thick and the bell is broken. How do you warn the ferry?',
        'ways' => "Light the old lamp\tIt takes a while, then it burns.\n"
            ."Beat on the kettle\tThey hear you, just in time.\n"
            ."Shout as loud as you can\tThe fog swallows it.\tback\n"
            ."Wait for the wind\tThe fog lifts too late.\tThe ferry turns round. Nobody is hurt.",
        'outcomes' => "Keeper\tYou stay when others go.\nPilot\tYou know the way.\n"
            ."Cartographer\tYou see what others miss.",
        'quizQuestions' => "What do you pack first?\ta lantern\ta compass\ta pencil\n"
            ."A storm comes. You …\tstay\tsteer\tdraw it",
        'practice' => "What is a quarter of 48?\t12\t24\t16\nWhich is nearer to the sea?\tthe quay\tthe tower\n"
            ."What bends light?\ta lens\ta rope\ta bell",
        'revise' => 'A lens bends light. A quarter is a half of a half.',
        'inside' => 'A brass lens, wrapped in a flag.',
        'cards' => "Puffin\tnests in burrows\nTern\tnests on bare shingle\nGannet\tnests on ledges",
    ],
];
