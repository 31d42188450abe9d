<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;

/** What all inputs that yield typed text share. */
trait Typed
{
    private function acceptText(mixed $sent, Cleaning $cleaning, int $longest): Answer|Refusal
    {
        if (! is_string($sent) || ! mb_check_encoding($sent, 'UTF-8')) {
            return is_int($sent) || is_float($sent) ? $this->acceptText((string) $sent, $cleaning, $longest) : Refusal::malformed();
        }
        if (mb_strlen($sent) > $longest) {
            return Refusal::tooLong($longest);
        }

        return Cleaning::trim($sent) === '' ? Refusal::blank() : new Answer($sent, $cleaning);
    }
}
