<?php

declare(strict_types=1);

namespace Tools\Bench;

use App\Actions\CreateGame;
use App\Actions\OpenRun;
use App\Models\User;
use App\Storage\EditionFile;
use Database\Seeders\DemoSeeder;
use Fravel\Simulate\VirtualClass;
use Fravel\Support\Json;
use Illuminate\Console\Command;

/**
 * Opens the demo game to so many classes, and writes down what made-up students are about to do in them: one line of
 * JSON for each, with the code of its run, a seed, and actions with the seconds that go before each.
 */
final class BenchClasses extends Command
{
    public const EMAIL = 'classes@skerrypoint.example';

    public const PASSWORD = 'only for measuring';

    protected $signature = 'bench:classes {students} {classes} {file}';

    protected $description = 'Make classes to measure with';

    public function handle(CreateGame $create, OpenRun $open): int
    {
        $teacher = User::query()->firstOrCreate(
            ['email' => self::EMAIL], ['name' => 'Classes', 'password' => self::PASSWORD],
        );
        $game = $create->handle($teacher, DemoSeeder::document('dark-lamp'));
        [$students, $classes] = [(int) $this->argument('students'), max(1, (int) $this->argument('classes'))];
        $lines = [];
        for ($class = 0; $class < $classes; $class++) {
            $run = $open->handle($game, "Class {$class}");
            $names = array_map(
                static fn (int $number): string => "Student {$number}",
                range(1, max(1, intdiv($students, $classes))),
            );
            foreach (VirtualClass::plays(EditionFile::of($run->edition)->game, $class, $names, 0) as $name => $deeds) {
                $lines[] = Json::write([
                    'code' => $run->code, 'run' => $run->id, 'name' => $name, 'steps' => self::steps($deeds),
                ]);
            }
        }
        $file = $this->argument('file');
        file_put_contents(is_string($file) ? $file : '/dev/null', implode("\n", $lines)."\n");

        return self::SUCCESS;
    }

    /**
     * @param  list<array{at: int, action: array<string, mixed>, outcome: mixed}>  $deeds
     * @return list<array{wait: int, action: array<string, mixed>}>
     */
    private static function steps(array $deeds): array
    {
        $steps = [];
        foreach (array_slice($deeds, 1) as $place => $deed) {
            $steps[] = ['wait' => $deed['at'] - $deeds[$place]['at'], 'action' => $deed['action']];
        }

        return $steps;
    }
}
