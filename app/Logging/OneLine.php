<?php

declare(strict_types=1);

namespace App\Logging;

use Illuminate\Log\Logger;
use Monolog\Formatter\LineFormatter;
use Monolog\Handler\FormattableHandlerInterface;
use Monolog\Logger as Monolog;

/** Writes each entry as one line: when, how bad, what. */
final class OneLine
{
    public function __invoke(Logger $logger): void
    {
        $monolog = $logger->getLogger();
        foreach ($monolog instanceof Monolog ? $monolog->getHandlers() : [] as $handler) {
            if ($handler instanceof FormattableHandlerInterface) {
                $handler->setFormatter(
                    new LineFormatter("%datetime% %level_name% %message%\n", 'Y-m-d H:i:s', false, true),
                );
            }
        }
    }
}
