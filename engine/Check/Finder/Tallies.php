<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;

/** Tallies that nothing counts on, or that nobody sees and nothing asks for. */
final class Tallies implements Finder
{
    public static function find(CheckContext $context): array
    {
        if ($context->game->tallies() === []) {
            return [];
        }
        [$changed, $asked] = [[], []];
        foreach ($context->references as $reference) {
            if ($reference->kind === 'tally') {
                in_array($reference->field(), ['add', 'set', 'must', 'never'], true)
                    ? ($changed[$reference->id] = true)
                    : ($asked[$reference->id] = true);
            }
        }
        $texts = serialize($context->game->document['scenes'] ?? []);
        $findings = [];
        foreach ($context->game->tallies() as $tally) {
            $isSeen = isset($asked[$tally->id]) || $tally->shown || str_contains($texts, "{={$tally->id}}");
            if (! isset($changed[$tally->id]) || ! $isSeen) {
                $isFree = ! isset($changed[$tally->id]) && ! isset($asked[$tally->id]);
                $findings[] = Finding::warning('tally.unused', [$tally->id], ['tally' => $tally->name])->mendedBy(
                    $isFree ? $context->mends->remove($tally->id) : null,
                );
            }
        }

        return $findings;
    }
}
