<?php

declare(strict_types=1);

namespace Fravel\Check;

enum Severity: string
{
    /** Students can get stuck, or the game can't be played as written. */
    case Error = 'error';

    /** It plays, and something about it is unfair, leaky or left over. */
    case Warning = 'warning';
}
