<?php

use Fravel\Support\Template;

it('fills all places at once', function (string $words, array $arguments, string $filled): void {
    expect(Template::filled($words, $arguments))->toBe($filled);
})->with([
    'a name that looks like a place' => [
        '“:lock” takes :answer.', ['lock' => 'The :answer', 'answer' => '42'], '“The :answer” takes 42.',
    ],
    'names that begin alike' => [':scene and :scenes', ['scene' => 'A', 'scenes' => 3], 'A and 3'],
    'nothing to fill' => ['As :it is', [], 'As :it is'],
    'a place that is not given' => [':a and :b', ['a' => 1], '1 and :b'],
]);
