<?php

declare(strict_types=1);

namespace Cli;

use Fravel\Answer\Refusal;
use Fravel\Document\GameDocument;
use Fravel\Exception\UnableToReadJson;
use Fravel\Play\Trial;
use Fravel\Support\Json;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;

/** `answer FILE LOCK ANSWER`: what a fresh lock makes of an answer, given as JSON or as plain text. */
#[AsCommand('answer', 'What a lock makes of an answer')]
final class TryAnswer extends GameCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->addArgument('lock', InputArgument::REQUIRED, 'Its id')->addArgument(
            'answer',
            InputArgument::OPTIONAL,
            'As JSON or as plain text',
            '',
        );
    }

    protected function reply(InputInterface $input): array
    {
        $game = GameDocument::of(ValidFile::read(self::text($input, 'file')));
        $lock = $game->lock(self::text($input, 'lock'));
        if ($lock === null) {
            return [2, ['error' => 'lock.absent'], ['The game has no lock "'.self::text($input, 'lock').'".']];
        }
        $answer = $lock->accept(self::sent(self::text($input, 'answer')), $game->language());
        if ($answer instanceof Refusal) {
            return [
                0,
                ['verdict' => 'refused', 'rule' => null, 'say' => '', 'go' => null, 'reason' => $answer->code],
                ["refused: {$answer->code}"],
            ];
        }
        $trial = Trial::of($lock, $answer);
        $told = [
            'verdict' => $trial->verdict->value,
            'rule' => $trial->rule ?? 'otherwise',
            'say' => $trial->say,
            'go' => $trial->go,
        ];

        return [
            0,
            $told,
            [
                "{$told['verdict']} by rule {$told['rule']}".
                ($told['say'] === '' ? '' : ": {$told['say']}").
                ($told['go'] === null ? '' : " -> {$told['go']}"),
            ],
        ];
    }

    private static function sent(string $text): mixed
    {
        try {
            $value = Json::read($text);
        } catch (UnableToReadJson) {
            return $text;
        }

        // A bare number is an answer as typed: 0917 and 1e3 must keep their digits.
        return is_int($value) || is_float($value) || is_bool($value) || $value === null ? $text : $value;
    }
}
