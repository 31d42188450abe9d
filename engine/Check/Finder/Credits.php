<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Asset;

/** Films, sounds and pictures of which nobody says where they come from, or under which licence. */
final class Credits implements Finder
{
    /** What they are called by, at most. */
    private const NAMED = 3;

    public static function find(CheckContext $context): array
    {
        $bare = array_values(array_filter(
            $context->game->assets(),
            static fn (Asset $asset): bool => trim($asset->credit) === '' || trim($asset->licence) === '',
        ));
        if ($bare === []) {
            return [];
        }
        $names = array_map(
            static fn (Asset $asset): string => $asset->alt === '' ? $context->usedIn($asset->id) : $asset->alt,
            array_slice($bare, 0, self::NAMED),
        );

        return [Finding::warning('credit.missing', array_column($bare, 'id'), [
            'count' => count($bare), 'names' => implode(', ', $names).(count($bare) > self::NAMED ? ' …' : ''),
        ])];
    }
}
