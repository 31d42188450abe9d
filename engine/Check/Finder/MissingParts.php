<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\Finding;
use Fravel\Check\Study;
use Fravel\Document\Validation;
use Fravel\Support\Problem;

/** Routes and other names that lead to nothing. */
final class MissingParts implements Finder
{
    public static function find(Study $study): array
    {
        return array_map(static function (Problem $problem) use ($study): Finding {
            $path = explode('/', $problem->place);
            $scene = $path[1] === 'scenes' ? $study->game->sceneIds()[(int) $path[2]] ?? '' : '';
            $words = ['id' => (string) $problem->arguments['id'], 'kind' => (string) $problem->arguments['kind'], 'scene' => $scene === '' ? '' : $study->titleOf($scene)];

            return Finding::error($problem->code, array_values(array_filter([$scene, $words['id']])), $words);
        }, Validation::missing($study->game, $study->references));
    }
}
