<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Accounts\Letters;
use Illuminate\Console\Command;

/** For who runs the machine: a link to a new account, to hand on where no letters can be sent. */
final class InviteTeacher extends Command
{
    protected $signature = 'teacher:invite {email}';

    protected $description = 'Prints a link, good for an hour, behind which an account with this address can be made';

    public function handle(): int
    {
        $email = mb_strtolower((string) $this->argument('email'));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error("{$email} is no e-mail address.");

            return self::FAILURE;
        }
        $this->line(Letters::linkTo($email));

        return self::SUCCESS;
    }
}
