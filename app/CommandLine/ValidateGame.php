<?php

declare(strict_types=1);

namespace App\CommandLine;

use Fravel\Document\Validation;
use Fravel\Support\Problem;

/** `validate FILE`: errors of shape and of reference, each with a JSON pointer. */
final class ValidateGame implements Verb
{
    public const USAGE = 'validate FILE [--json]';

    public static function run(Arguments $arguments): array
    {
        $document = GameFile::read($arguments->place(0) ?? '');
        $problems = Validation::ofShape($document);
        if ($problems === []) {
            $problems = Validation::ofReferences($document);
        }
        $told = array_map(static fn (Problem $problem): array => [
            'code' => $problem->code, 'pointer' => $problem->place, 'message' => Words::of('problems', $problem->code, $problem->arguments),
        ], $problems);
        $lines = array_map(static fn (array $one): string => "{$one['pointer']}: {$one['message']} ({$one['code']})", $told);

        return [$problems === [] ? 0 : 1, ['valid' => $problems === [], 'errors' => $told], $lines === [] ? ['This is a sound game document.'] : $lines];
    }
}
