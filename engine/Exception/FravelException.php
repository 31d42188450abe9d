<?php

declare(strict_types=1);

namespace Fravel\Exception;

use Throwable;

/** Marks every exception the engine throws; an expected "no" is a value instead. */
interface FravelException extends Throwable
{
}
