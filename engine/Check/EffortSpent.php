<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Exception\FravelException;
use RuntimeException;

/**
 * Thrown out of whatever is being looked at when no effort is left; the check catches it and says what was not looked
 * at.
 *
 * @internal
 */
final class EffortSpent extends RuntimeException implements FravelException
{
}
