<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Asset;

/** Pictures that say nothing to those who don’t see them. */
final class Pictures implements Finder
{
    public static function find(CheckContext $context): array
    {
        $mute = array_filter(
            $context->game->assets(),
            static fn (Asset $asset): bool => str_starts_with($asset->type, 'image/') && $asset->alt === '',
        );

        return array_values(
            array_map(
                static fn (Asset $asset): Finding => Finding::warning(
                    'alt.missing',
                    [$asset->id],
                    ['scene' => $context->usedIn($asset->id)],
                ),
                $mute,
            ),
        );
    }
}
