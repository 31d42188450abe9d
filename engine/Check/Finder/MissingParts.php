<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;

/** Routes and other names that lead to nothing. */
final class MissingParts implements Finder
{
    public static function find(CheckContext $study): array
    {
        $missing = array_filter($study->references, static fn (Reference $reference): bool => $study->game->kindOf($reference->id) !== $reference->kind);

        return array_values(array_map(static function (Reference $reference) use ($study): Finding {
            $words = ['id' => $reference->id, 'kind' => $reference->kind, 'scene' => $reference->scene === null ? '' : $study->titleOf($reference->scene)];

            return Finding::error($reference->isRoute ? 'route.missing' : 'reference.missing', array_values(array_filter([$reference->scene, $reference->id])), $words)
                ->mendedBy($study->mends->supply($reference));
        }, $missing));
    }
}
