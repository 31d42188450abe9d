<?php

declare(strict_types=1);

namespace App\CommandLine;

use Fravel\Document\Answer\Refusal;
use Fravel\Document\Game;
use Fravel\Exception\UnableToReadJson;
use Fravel\Play\Trial;
use Fravel\Support\Json;

/** `answer FILE LOCK ANSWER`: what a fresh lock makes of an answer, given as JSON or as plain text. */
final class TryAnswer implements Verb
{
    public const USAGE = 'answer FILE LOCK ANSWER [--json]';

    public static function run(Arguments $arguments): array
    {
        $game = Game::of(ValidFile::read($arguments->place(0) ?? ''));
        $lock = $game->lock($arguments->place(1) ?? '');
        if ($lock === null) {
            return [2, ['error' => 'lock.absent'], ["The game has no lock \"{$arguments->place(1)}\"."]];
        }
        $answer = $lock->accept(self::sent($arguments->place(2) ?? ''), $game->language());
        if ($answer instanceof Refusal) {
            return [0, ['verdict' => 'refused', 'rule' => null, 'say' => '', 'go' => null, 'reason' => $answer->code], ["refused: {$answer->code}"]];
        }
        $trial = Trial::of($lock, $answer);
        $told = ['verdict' => $trial->verdict->value, 'rule' => $trial->rule ?? 'otherwise', 'say' => $trial->say, 'go' => $trial->go];

        return [0, $told, ["{$told['verdict']} by rule {$told['rule']}".($told['say'] === '' ? '' : ": {$told['say']}").($told['go'] === null ? '' : " -> {$told['go']}")]];
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
