<?php

use Fravel\Check\Check;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Check\Finder\Finders;
use Fravel\Check\Scores;
use Fravel\Check\Search\WaysBack;
use Fravel\Document\GameDocument;
use Fravel\Document\Validation;
use Tests\Support\AdversarialGames;
use Tests\Support\Games;

/** Units of effort that a check of this document is cut off at, and how often it looked whether it was. */
const UNITS = 400_000;

it('comes to an end with what it may spend, and says what it did not look at', function (array $document): void {
    $looks = 0;
    $effort = new Effort(UNITS, function () use (&$looks): float {
        $looks++;

        return 0.0;
    });
    $verdicts = Check::of(GameDocument::of($document), 20_000, effort: $effort);

    // Each look stands for two hundred units: no part goes on long after the bound.
    expect($looks)->toBeLessThan(UNITS / 200 * 4)
        ->and($verdicts->isProved)->toBe($verdicts->unlooked === []);
})->with(array_map(fn (array $document): array => [$document], AdversarialGames::known()));

it('proves rooms that lead each to each with ways back', function (): void {
    $verdicts = Check::of(
        GameDocument::of(AdversarialGames::known()['rooms linked each to each with ways back']),
        effort: new Effort(5_000_000),
    );

    expect($verdicts->isProved)->toBeTrue()->and($verdicts->facts['shortest'])->toBe(1);
});

it('proves nothing of what it could not go through', function (string $which): void {
    $verdicts = Check::of(GameDocument::of(AdversarialGames::known()[$which]), 20_000, effort: new Effort(100_000));

    expect($verdicts->isProved)->toBeFalse()->and($verdicts->unlooked)->not->toBe([]);
})->with(['a hundred and eighty choices that toggle', 'three hundred sums', 'two thousand rules', 'no scenes at all']);

it('says that an answer longer than any can be typed opens nothing', function (): void {
    $codes = array_column(
        Check::of(GameDocument::of(AdversarialGames::known()['an answer of a billion characters']))->findings, 'code',
    );

    expect($codes)->toContain('lock.never-opens');
});

it('stops when what was set aside is used, wherever it is', function (): void {
    $used = 0.0;
    $effort = new Effort(used: function () use (&$used): float {
        return $used += 0.0005;
    });
    $verdicts = Check::of(
        GameDocument::of(AdversarialGames::known()['a hundred and eighty choices that toggle']), 20_000,
        effort: $effort,
    );

    expect($verdicts->isProved)->toBeFalse()->and($used)->toBeLessThan(1.1);
});

it('gives each part its share, and no part what another has spent', function (): void {
    $effort = new Effort(1000);
    $half = $effort->part(0.5);
    $later = (new Effort(used: fn (): float => 0.5))->part(0.5);
    $used = 0.7;
    $asked = (new Effort(used: function () use (&$used): float {
        return $used;
    }))->part(0.5);
    expect($later->isSpent())->toBeFalse()->and($asked->isSpent())->toBeFalse();
    $used = 0.86;
    expect($asked->isSpent(300))->toBeTrue();
    expect($half->isSpent(400))->toBeFalse()->and(fn () => $half->spend(400))->toThrow(EffortSpent::class)
        ->and($effort->isSpent(900))->toBeFalse()->and($effort->part(0.5)->isSpent(60))->toBeTrue();
});

it('names the finders that came to no end, and finds what the others find', function (): void {
    $document = AdversarialGames::known()['two thousand rules'];
    $document['tokens'] = [['id' => 'idle', 'name' => 'Idle', 'kind' => 'item']];
    $verdicts = Check::of(GameDocument::of($document), 20_000, effort: new Effort(200_000));

    expect($verdicts->unlooked)->toContain('rules')->and(array_column($verdicts->findings, 'code'))
        ->toContain('token.unused');
});

it('says no shares that would take too long', function (): void {
    $scores = Scores::of(
        GameDocument::of(AdversarialGames::known()['six outcomes of twenty questions']), [], new Effort(100_000),
    );

    expect($scores->shares->wins)->toBe([])->and($scores->ranges['y1'])->toBe(['least' => 0.0, 'most' => 20.0]);
});

it('draws games of a sound shape', function (int $seed): void {
    expect(Validation::ofShape(AdversarialGames::drawn($seed)))->toBe([]);
})->with(range(1, 30));

it('tells words for every finder that may be cut off', function (): void {
    $words = (require dirname(__DIR__, 3).'/lang/en/workshop.php')['findings']['unlooked'];
    $family = (new ReflectionClass(Finders::class))->getConstant('FAMILY');

    expect(
        array_diff(
            array_map(
                fn (string $finder): string => lcfirst((string) substr((string) strrchr($finder, '\\'), 1)), $family,
            ),
            array_keys($words),
        ),
    )->toBe([]);
});

it('goes back for sure where one scene leads there, and proves it', function (): void {
    $game = Games::of([
        [
            'id' => 'hub',
            'things' => [
                Games::choice('in', ['go' => 'side']),
                ['if' => ['has' => 'key']] + Games::choice('out', ['go' => 'end']),
            ],
        ],
        ['id' => 'side', 'back' => true, 'things' => [Games::choice('take', ['do' => [['give' => 'key']]])]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['tokens' => [['id' => 'key', 'name' => 'Key', 'kind' => 'item']]]);

    expect(Check::of($game)->isProved)->toBeTrue()->and(Check::of($game)->findings)->toBe([])
        ->and(Check::of($game)->facts['shortest'])->toBe(4);
});

it('proves nested matchers, of which the same pairs come up again and again', function (): void {
    $verdicts = Check::of(
        GameDocument::of(AdversarialGames::known()['any and all in a row of sixteen']), effort: new Effort(100_000),
    );

    expect($verdicts->isProved)->toBeTrue();
});

it('takes a way back for one of its own only where it does nothing else', function (array $scene, bool $isTaken): void {
    $game = Games::of([
        ['id' => 'a', 'things' => [Games::choice('in', ['go' => 'b'])]], ['id' => 'b'] + $scene,
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);

    expect(WaysBack::in($game) !== null)->toBe($isTaken);
})->with([
    'going back' => [['back' => true], true],
    'a choice that leads back' => [['things' => [Games::choice('out', ['go' => '@back', 'say' => 'Off.'])]], true],
    'a choice that also gives' => [
        ['things' => [Games::choice('out', ['go' => '@back', 'do' => [['give' => 'key']]])]], false,
    ],
    'a choice that depends on something' => [
        [
            'back' => true,
            'things' => [Games::choice('out', [['if' => ['has' => 'key'], 'go' => '@back'], ['go' => 'end']])],
        ],
        false,
    ],
    'a lock that leads back' => [['things' => [Games::lock('l', 'x', [], ['go' => '@back'])]], false],
    'arriving' => [['back' => true, 'arrive' => [['go' => '@back']]], false],
    'nothing' => [[], false],
]);

it('does not say how long the shortest way is where it can’t know who came from where', function (): void {
    $to = fn (string $id, string ...$goes): array => [
        'id' => $id,
        'things' => array_map(fn (string $go): array => Games::choice("{$id}-{$go}", ['go' => $go]), $goes),
    ];
    // Going back from the cave seems to lead to the pier, where one steps off; but who came over the beach goes there.
    $game = Games::of([
        $to('start', 'beach', 'long'), $to('beach', 'cave', 'start'), ['back' => true] + $to('cave', 'beach'),
        $to('long', 'longer'), $to('longer', 'longest'), $to('longest', 'pier'), $to('pier', 'end', 'cave'),
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => '']],
    ]);
    $verdicts = Check::of($game);

    expect($verdicts->isProved)->toBeTrue()->and($verdicts->facts['shortest'])->toBeNull()
        ->and($verdicts->findings)->toBe([]);
});

it('reads no scene once its effort is over, and says that nobody has looked', function (): void {
    $game = GameDocument::of(AdversarialGames::known()['four thousand scenes that nobody reaches']);
    $verdicts = Check::of($game, effort: new Effort(2000));

    expect($verdicts->findings)->toBe([])
        ->and($verdicts->unlooked)->toBe(['ways', ...Finders::names()])
        ->and(fn (): array => $game->scenes(fn (): never => throw new EffortSpent()))->toThrow(EffortSpent::class);
});

it('reads on where a reading was cut off', function (): void {
    $game = GameDocument::of(Games::document(array_map(fn (int $one): array => ['id' => "s{$one}"], range(1, 5))));
    $asked = 0;
    $ask = function () use (&$asked): void {
        ++$asked === 3 ? throw new EffortSpent() : null;
    };

    expect(fn (): array => $game->scenes($ask))->toThrow(EffortSpent::class)
        ->and($game->scenes($ask))->toHaveCount(5)
        ->and($asked)->toBe(6);
});
