<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Records\RecordQueue;
use Illuminate\Console\Command;

/** Tries again to send what the receiver has not taken yet; for the scheduler, once a minute. */
final class SendRecords extends Command
{
    protected $signature = 'records:send';

    protected $description = 'Sends learning records that wait for the receiver';

    public function handle(): int
    {
        $this->line(RecordQueue::send() ? 'Nothing waits.' : 'The receiver did not take all of it; tried again later.');

        return self::SUCCESS;
    }
}
