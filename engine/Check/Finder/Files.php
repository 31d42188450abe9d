<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Thing\Things;

/** Pictures and clips without a file. */
final class Files implements Finder
{
    public static function find(CheckContext $study): array
    {
        $findings = [];
        foreach ($study->files === null ? [] : $study->game->assets() as $asset) {
            if (! in_array($asset->file, $study->files ?? [], true)) {
                $findings[] = Finding::warning('asset.missing', [$asset->id], ['asset' => $asset->file]);
            }
        }
        foreach ($study->game->scenes() as $scene) {
            foreach (Things::flattened($scene->things) as $thing) {
                if ($thing->lacksFile()) {
                    $findings[] = Finding::warning('asset.missing', [$thing->id, $scene->id], ['asset' => "{$scene->title}: {$study->calls($thing->id)}"]);
                }
            }
        }

        return $findings;
    }
}
