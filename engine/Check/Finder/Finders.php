<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Effort;
use Fravel\Check\EffortSpent;
use Fravel\Check\Finding;

/** The family: one line for each who looks. */
final class Finders
{
    /** @var list<class-string<Finder|SceneFinder>> */
    private const FAMILY = [
        MissingParts::class,
        Endings::class,
        Scenes::class,
        Traps::class,
        Loops::class,
        Rules::class,
        Mosaics::class,
        Judging::class,
        Tokens::class,
        Tallies::class,
        Constants::class,
        ShownAnswers::class,
        Skips::class,
        Codes::class,
        Looseness::class,
        Guessability::class,
        Leaks::class,
        Feedback::class,
        Files::class,
        Films::class,
        Pictures::class,
        Credits::class,
        Contrasts::class,
        Crowds::class,
        LeftOvers::class,
        Marks::class,
        SampleNames::class,
        Walkthroughs::class,
    ];

    /** Of what is left, each may spend so much: one that never ends leaves the others their turn. */
    private const SHARE = 0.4;

    /** @return array{list<Finding>, list<string>} errors first; and who did not come to an end, by name */
    public static function find(CheckContext $context, Effort $effort = new Effort()): array
    {
        [$found, $unlooked] = [[], []];
        foreach (self::FAMILY as $finder) {
            try {
                // Who comes after all is spent looks at nothing.
                $effort->spend();
                $context->with($effort->part(self::SHARE));
                $found[] = is_subclass_of($finder, SceneFinder::class)
                    ? self::byScenes($finder, $context)
                    : $finder::find($context);
            } catch (EffortSpent) {
                $unlooked[] = self::name($finder);
            }
        }
        $findings = array_map(
            static fn (Finding $finding): Finding => self::isMeant($finding, $context) ? $finding->meantSo() : $finding,
            array_merge([], ...$found),
        );
        usort(
            $findings,
            static fn (Finding $a, Finding $b): int => [$a->severity->value, $a->isMeant, $a->code] <=> [
                $b->severity->value,
                $b->isMeant,
                $b->code,
            ],
        );

        return [$findings, $unlooked];
    }

    /** @return list<string> of all of them */
    public static function names(): array
    {
        return array_map(self::name(...), self::FAMILY);
    }

    /** @param  class-string  $finder */
    private static function name(string $finder): string
    {
        return lcfirst(substr((string) strrchr($finder, '\\'), 1));
    }

    /** Whether the part that it is about says that this is meant. */
    private static function isMeant(Finding $finding, CheckContext $context): bool
    {
        $meant = $context->meantOf($finding->where[0] ?? '');

        return in_array($finding->code, $meant, true);
    }

    /**
     * @param  class-string<SceneFinder>  $finder
     * @return list<Finding>
     */
    private static function byScenes(string $finder, CheckContext $context): array
    {
        $found = [];
        foreach ($context->game->scenes() as $scene) {
            $context->effort->read(count($scene->things));
            $look = static fn (): array => $finder::inScene($context, $scene);
            $found[] =
                $context->memo === null
                    ? $look()
                    : $context->memo->of(
                        "{$finder} {$context->keyOf($scene)} {$finder::depends($context, $scene)}",
                        $look,
                    );
        }

        return array_merge([], ...$found);
    }
}
