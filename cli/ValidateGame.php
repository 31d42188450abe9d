<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Document\Validation;
use Fravel\Support\Problem;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

/** `validate FILE`: errors of shape and of reference, each with a JSON pointer. */
#[AsCommand('validate', 'Errors of shape and reference of a game, each with a JSON pointer')]
final class ValidateGame extends GameCommand
{
    protected function reply(InputInterface $input): array
    {
        $document = GameFile::read(self::text($input, 'file'));
        $problems = Validation::ofShape($document);
        if ($problems === []) {
            $problems = Validation::ofReferences($document);
        }
        $told = array_map(
            static fn (Problem $problem): array => [
                'code' => $problem->code,
                'pointer' => $problem->place,
                'message' => Words::of('problems', $problem->code, $problem->arguments),
            ],
            $problems,
        );
        $lines = array_map(
            static fn (array $one): string => "{$one['pointer']}: {$one['message']} ({$one['code']})",
            $told,
        );

        return [
            $problems === [] ? 0 : 1,
            ['valid' => $problems === [], 'errors' => $told],
            $lines === [] ? ['This is a sound game document.'] : $lines,
        ];
    }
}
