<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Run;
use App\Report\Making;
use App\View\Moment;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\App;
use Throwable;

/** Makes the report of a large run, or an export of it; begun by its page, in a process of its own. */
final class MakeReport extends Command
{
    protected $signature = 'reports:make {run} {what : an export, or figures} {locale} {zone}';

    protected $description = 'Makes the report of a large run, so that no class waits for it meanwhile';

    public function handle(): int
    {
        App::setLocale((string) $this->argument('locale'));
        request()->cookies->set(Moment::COOKIE, (string) $this->argument('zone'));
        $making = new Making(Run::query()->findOrFail($this->argument('run')), (string) $this->argument('what'));
        try {
            $making->run();
        } catch (Throwable $failure) {
            report($failure);
            $making->fail();

            return self::FAILURE;
        }

        return self::SUCCESS;
    }
}
