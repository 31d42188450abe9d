<?php

declare(strict_types=1);

namespace Tools\Bench;

use App\Actions\CreateGame;
use App\Actions\JoinRun;
use App\Actions\OpenRun;
use App\Actions\TakeAction;
use App\Models\User;
use App\Play\Ticket;
use Database\Seeders\DemoSeeder;
use Fravel\State\Action;
use Illuminate\Console\Command;

/** Opens the demo game, brings so many plays before one lock without a guard, and writes their tickets, one a line. */
final class BenchPlays extends Command
{
    protected $signature = 'bench:plays {count} {file}';

    protected $description = 'Make plays to measure with';

    private const WAY = [['choose' => 'to-door'], ['answer' => 'door', 'with' => '0917'], ['choose' => 'to-teapot']];

    public function handle(CreateGame $create, OpenRun $open, JoinRun $join, TakeAction $take): int
    {
        $teacher = User::query()->create([
            'name' => 'Bench',
            'email' => 'bench@skerrypoint.example',
            'password' => bin2hex(random_bytes(12)),
        ]);
        $run = $open->handle($create->handle($teacher, DemoSeeder::document('dark-lamp')), 'Bench', false);
        $tickets = '';
        for ($number = 0; $number < (int) $this->argument('count'); $number++) {
            $play = $join->begin($run, "Player {$number}", null, $number);
            if ($play === null) {
                continue;
            }
            foreach (self::WAY as $step => $sent) {
                $action = Action::of(array_map($run->edition->nameOf(...), $sent));
                $action === null ?: $take->handle($play->id, $action, "way-{$step}-here");
            }
            $tickets .= Ticket::for($play->id)->text().' '.$run->edition->nameOf('teapot-lock')."\n";
        }
        $file = $this->argument('file');
        file_put_contents(is_string($file) ? $file : '/dev/null', $tickets);
        $this->line($run->code);

        return self::SUCCESS;
    }
}
