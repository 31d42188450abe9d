<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Thing\Things;

/** Pictures and clips without a file. */
final class Files implements Finder
{
    public static function find(CheckContext $context): array
    {
        $findings = [];
        foreach ($context->files === null ? [] : $context->game->assets() as $asset) {
            if (! in_array($asset->file, $context->files ?? [], true)) {
                $findings[] = Finding::warning(
                    'asset.missing',
                    [$asset->id],
                    ['scene' => $context->usedIn($asset->id), 'part' => $asset->alt],
                );
            }
        }
        foreach ($context->game->scenes() as $scene) {
            foreach (Things::flattened($scene->things) as $thing) {
                if ($thing->lacksFile()) {
                    $findings[] = Finding::warning(
                        'asset.missing',
                        [$thing->id, $scene->id],
                        ['scene' => $context->titleOf($scene->id), 'part' => $context->calls($thing->id)],
                    );
                }
            }
        }

        return $findings;
    }
}
