<?php

/** Changes that break the two-room game: the change, the place of the problem, its code. */
$thing = static fn (array $fields, int $scene = 0, int $place = 1): array => [
    'scenes' => [$scene => ['things' => [$place => $fields]]],
];

dataset('broken documents', [
    'another version' => [['fravel' => 2], '/fravel', 'version.unknown'],
    'a title that is no text' => [['title' => 7], '/title', 'shape.wrong'],
    'a scene without a good id' => [['scenes' => [0 => ['id' => 'Hall 1']]], '/scenes/0/id', 'id.malformed'],
    'an id given twice' => [['scenes' => [1 => ['id' => 'hall']]], '/scenes/1', 'id.twice'],
    'an unknown layout' => [['scenes' => [0 => ['layout' => 'circle']]], '/scenes/0/layout', 'value.unknown'],
    'an unknown kind of thing' => [$thing(['kind' => 'spell']), '/scenes/0/things/1/kind', 'value.unknown'],
    'a backdrop of no colour' => [
        ['scenes' => [0 => ['backdrop' => ['colour' => 'red']]]], '/scenes/0/backdrop/colour', 'shape.wrong',
    ],
    'a condition of no kind' => [
        ['scenes' => [0 => ['needs' => ['holds' => 'lamp']]]], '/scenes/0/needs', 'variant.none',
    ],
    'a condition of two kinds' => [
        ['scenes' => [0 => ['needs' => ['has' => 'lamp', 'open' => 'door']]]], '/scenes/0/needs', 'variant.many',
    ],
    'an effect of no kind' => [
        $thing(['react' => ['do' => [['burn' => 'lamp']]]], 1, 0), '/scenes/1/things/0/react/do/0', 'variant.none',
    ],
    'an unknown word for a route' => [
        $thing(['react' => ['go' => '@home']], 1, 0), '/scenes/1/things/0/react/go', 'value.unknown',
    ],
    'an unknown comparison' => [
        ['scenes' => [0 => ['needs' => ['minutes' => 1, 'is' => '~']]]], '/scenes/0/needs/is', 'value.unknown',
    ],
    'a box of three numbers' => [$thing(['box' => [1, 2, 3]]), '/scenes/0/things/1/box', 'shape.wrong'],
    'an unknown input' => [$thing(['input' => ['type' => 'smell']]), '/scenes/0/things/1/input/type', 'value.unknown'],
    'a code of no digits' => [
        $thing(['input' => ['type' => 'digits', 'length' => 0]]), '/scenes/0/things/1/input/length', 'shape.wrong',
    ],
    'an unknown verdict' => [
        $thing(['rules' => [0 => ['verdict' => 'right']]]), '/scenes/0/things/1/rules/0/verdict', 'value.unknown',
    ],
    'a rule that matches nothing known' => [
        $thing(['rules' => [0 => ['match' => ['equals' => 'x', 'like' => 'x']]]]), '/scenes/0/things/1/rules/0/match',
        'variant.many',
    ],
    'words of a slip that go on and on' => [
        $thing(['rules' => [1 => ['verdict' => 'wrong', 'match' => ['close' => str_repeat('x', 201)]]]]),
        '/scenes/0/things/1/rules/1/match/close', 'text.long',
    ],
    'stars that go on and on' => [
        $thing(['rules' => [1 => ['verdict' => 'wrong', 'match' => ['like' => str_repeat('*', 501)]]]]),
        '/scenes/0/things/1/rules/1/match/like', 'text.long',
    ],
    'a phrase that goes on and on' => [
        $thing(['rules' => [1 => ['verdict' => 'wrong', 'match' => ['has' => [str_repeat('x', 501)]]]]]),
        '/scenes/0/things/1/rules/1/match/has/0', 'text.long',
    ],
    'a guard of no tries' => [$thing(['guard' => ['tries' => 0]]), '/scenes/0/things/1/guard/tries', 'shape.wrong'],
    'an ending of no kind' => [
        ['scenes' => [2 => ['ending' => ['kind' => 'draw']]]], '/scenes/2/ending/kind', 'value.unknown',
    ],
    'a token of no kind' => [['tokens' => [0 => ['kind' => 'weapon']]], '/tokens/0/kind', 'value.unknown'],
    'a file outside the package' => [
        ['assets' => [['id' => 'art', 'file' => '../secret']]], '/assets/0/file', 'file.outside',
    ],
]);
