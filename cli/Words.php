<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Check\Search\Reach;
use Fravel\Document\GameDocument;
use Fravel\Support\Speech;
use Fravel\Support\Template;

/** Words for codes, from the same language files as the application's, without starting it. */
final class Words
{
    /** @param  array<string, string|int|float>  $arguments */
    public static function of(string $file, string $code, array $arguments): string
    {
        $words = require dirname(__DIR__)."/lang/en/{$file}.php";

        return Template::filled($words[$code] ?? $code, $arguments);
    }

    public static function ofFinding(GameDocument $game, Finding $finding): string
    {
        $lang = dirname(__DIR__).'/lang/en';
        $context = new CheckContext($game, Reach::unknown());
        $name = static fn (string $id): string => $context->calls($id) === '' ? $id : $context->calls($id);
        $speech = new Speech(require "{$lang}/kinds.php", $name);
        $what = $finding->said === null ? '' : $speech->of($finding->said);

        return self::of(
            'findings', $finding->code,
            $finding->arguments + ['said' => $finding->said === null ? 0 : 1, 'what' => $what],
        );
    }
}
