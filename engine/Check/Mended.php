<?php

declare(strict_types=1);

namespace Fravel\Check;

use Closure;
use Fravel\Check\Search\Exploration;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Edit\Command;
use Fravel\Edit\Edited;
use Fravel\Edit\InsertPart;
use Fravel\Edit\Together;
use Fravel\Play\Playing;
use Fravel\State\Action;

/**
 * A mend, made and played before it is handed out: what it mends is not found any more, there are no more errors than
 * before, every recorded way that held holds, and the way into what it builds is kept as a walkthrough.
 */
final readonly class Mended
{
    /** States that are looked at for the way into what it builds. */
    private const BUDGET = 5000;

    /**
     * @param  Command|null  $command  the mend, with the way into what it builds as a walkthrough; null at fault
     * @param  string  $fault  `gone` (nothing to mend there any more), `refused`, `stays`, `breaks` or
     *     `unreached`; '' for none
     */
    private function __construct(public ?Command $command, public string $fault = '')
    {
    }

    /**
     * @param  array<array-key, mixed>  $offered  the mend as it was offered
     * @param  Closure(GameDocument): CheckReport  $check
     * @param  Closure(string): string  $called  the title of a scene → the name of the way into it
     * @param  Effort  $effort  what the search for that way may take
     */
    public static function of(
        GameDocument $game, array $offered, Closure $check, Closure $called, Effort $effort = new Effort(),
    ): self {
        $before = $check($game)->findings;
        $finding = self::offering($before, $offered);
        if ($finding?->mend === null) {
            return new self(null, 'gone');
        }
        $edited = $finding->mend->apply($game);
        if (! $edited instanceof Edited) {
            return new self(null, 'refused');
        }
        $after = $check($edited->game)->findings;
        if (self::times($after, $finding) >= self::times($before, $finding)) {
            return new self(null, 'stays');
        }
        $built = self::builtBy($finding->mend->toArray());
        $fault = match (true) {
            $built !== null && self::isOutOfReach($built, $after) => 'unreached',
            self::isWorse($before, $after) => 'breaks',
            default => '',
        };
        if ($fault !== '') {
            return new self(null, $fault);
        }

        return $built === null
            ? new self($finding->mend)
            : self::walkedInto($built, $finding->mend, $edited, $called, $effort);
    }

    /** @param  Closure(string): string  $called */
    private static function walkedInto(
        string $scene, Command $mend, Edited $edited, Closure $called, Effort $effort,
    ): self {
        $game = $edited->game;
        try {
            $way = Exploration::wayInto($game, $scene, self::BUDGET, $effort);
        } catch (EffortSpent) {
            $way = null;
        }
        $state = Playing::start($game, 1, $now = 0)->state;
        $steps = [];
        foreach ($way ?? [] as $sent) {
            $now += is_int($sent['after'] ?? null) ? $sent['after'] : 0;
            $action = Action::of($sent);
            $state = $action === null ? $state : Playing::act($game, $state, $action, $now)->state;
            $steps[] = $sent + ['at' => $state->scene];
        }
        // Where chance decides, or the way is long: that it is reached, the check has said.
        if ($state->scene !== $scene) {
            return new self($mend);
        }
        $walkthroughs = $game->walkthroughs();
        $last = end($walkthroughs);
        $kept = [
            'id' => Ids::spelt('way', hash('sha256', "way {$scene} ".count($walkthroughs), true)),
            'name' => $called($game->scene($scene)->title ?? ''), 'seed' => 1, 'steps' => $steps,
        ];

        return new self(new Together([
            $mend, new InsertPart('walkthroughs', Command::GAME, $last === false ? null : $last->id, $kept),
        ]));
    }

    /**
     * @param  list<Finding>  $findings
     * @param  array<array-key, mixed>  $offered
     */
    private static function offering(array $findings, array $offered): ?Finding
    {
        foreach ($findings as $finding) {
            if ($finding->mend?->toArray() === $offered) {
                return $finding;
            }
        }

        return null;
    }

    /** @param  list<Finding>  $findings */
    private static function times(array $findings, Finding $one): int
    {
        return count(array_filter(
            $findings,
            static fn (Finding $other): bool => $other->code === $one->code && $other->where === $one->where
                && ($other->arguments['rule'] ?? '') === ($one->arguments['rule'] ?? ''),
        ));
    }

    /**
     * Whether there are more errors, or a recorded way holds no more. An error in place of another may have been hidden
     * by it.
     *
     * @param  list<Finding>  $before
     * @param  list<Finding>  $after
     */
    private static function isWorse(array $before, array $after): bool
    {
        $errors = static fn (array $findings): int => count(array_filter(
            $findings, static fn (Finding $finding): bool => $finding->severity === Severity::Error,
        ));
        $parted = static fn (array $findings): int => count(array_filter(
            $findings, static fn (Finding $finding): bool => $finding->code === 'walkthrough.parts',
        ));

        return $errors($after) > $errors($before) || $parted($after) > $parted($before);
    }

    /** @param  list<Finding>  $findings */
    private static function isOutOfReach(string $scene, array $findings): bool
    {
        return array_filter(
            $findings,
            static fn (Finding $finding): bool => ($finding->where[0] ?? '') === $scene
                && in_array($finding->code, ['ending.unreachable', 'scene.unreachable'], true),
        ) !== [];
    }

    /**
     * The scene that a mend makes, or makes a way into.
     *
     * @param  array<array-key, mixed>  $command
     */
    private static function builtBy(array $command): ?string
    {
        foreach (is_array($command['together'] ?? null) ? $command['together'] : [$command] as $one) {
            $leads = match ($one['insert'] ?? '') {
                'scenes' => $one['value']['id'] ?? null,
                'things' => $one['value']['react'][0]['go'] ?? null,
                default => null,
            };
            if (is_string($leads)) {
                return $leads;
            }
        }

        return null;
    }
}
