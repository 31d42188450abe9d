<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;
use Fravel\Edit\DocumentPath;

/** Routes and other names that lead to nothing. */
final class MissingParts implements Finder
{
    public static function find(CheckContext $context): array
    {
        $missing = array_filter($context->references, static function (Reference $reference) use ($context): bool {
            $context->effort->spend();

            return ! $reference->fits($context->game->kindOf($reference->id));
        });

        return array_values(
            array_map(static function (Reference $reference) use ($context): Finding {
                $words = [
                    'id' => $reference->id,
                    'kind' => $reference->kind,
                    'scene' => $reference->scene === null ? $context->game->title() : $context->titleOf(
                        $reference->scene,
                    ),
                    'part' => self::owner($context, $reference),
                ];

                return Finding::error(
                    $reference->isRoute ? 'route.missing' : 'reference.missing',
                    array_values(array_filter([$reference->scene, $reference->id])),
                    $words,
                )->mendedBy($context->mends->supply($reference));
            }, $missing),
        );
    }

    /** What holds the name: the thing it stands in, else the scene or the game. */
    private static function owner(CheckContext $context, Reference $reference): string
    {
        $place = $reference->path;
        for ($depth = count($place) - 1; $depth > 0; $depth--) {
            $id = DocumentPath::get($context->game->document, [...array_slice($place, 0, $depth), 'id']);
            if (is_string($id) && $context->calls($id) !== '') {
                return $context->calls($id);
            }
        }

        return $context->game->title();
    }
}
