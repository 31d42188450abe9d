<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Scene;

/** Whether the game has endings and they can be reached. */
final class Endings implements Finder
{
    public static function find(CheckContext $context): array
    {
        $endings = array_filter($context->game->scenes(), static fn (Scene $scene): bool => $scene->ending !== null);
        if ($endings === [] && $context->isReveal()) {
            return [];
        }
        if ($endings === []) {
            $last = array_slice($context->game->sceneIds(), -1)[0] ?? null;

            return [
                Finding::error('ending.none', [])->mendedBy($last === null ? null : $context->mends->makeEnding($last)),
            ];
        }
        $far = array_filter($endings, $context->isOutOfReach(...));

        return array_values(
            array_map(
                static fn (Scene $scene): Finding => Finding::error(
                    'ending.unreachable',
                    [$scene->id],
                    ['scene' => $context->titleOf($scene->id)],
                )->mendedBy($context->mends->leadTo($scene, $context->sceneBefore($scene))),
                $far,
            ),
        );
    }
}
