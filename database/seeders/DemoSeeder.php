<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateGame;
use App\Actions\JoinRun;
use App\Actions\OpenRun;
use App\Actions\TakeAction;
use App\Models\Game;
use App\Models\Run;
use App\Models\User;
use App\Storage\GameFiles;
use Fravel\Support\Json;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** A teacher with the demo games, and one finished run that made-up students really played. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'ida@skerrypoint.example';

    public const PASSWORD = 'the lamp is lit';

    /** Name, how skilled from 0 to 1, and how the play ends: won, lost, or left standing. */
    private const STUDENTS = [
        ['Aila', 0.9, 'won'],
        ['Bram', 0.6, 'won'],
        ['Cato', 0.75, 'won'],
        ['Dunja', 0.8, 'won'],
        ['Edda', 0.55, 'won'],
        ['Finn', 0.7, 'won'],
        ['Greta', 0.95, 'won'],
        ['Hanno', 0.5, 'lost'],
        ['Imke', 0.65, 'won'],
        ['Jonte', 0.85, 'won'],
        ['Kaia', 0.6, 'won'],
        ['Liv', 0.7, 'won'],
        ['Malo', 0.8, 'won'],
        ['Nela', 0.45, 'left'],
        ['Oda', 0.9, 'won'],
        ['Pim', 0.55, 'won'],
        ['Runa', 0.75, 'won'],
        ['Sören', 0.65, 'won'],
        ['Tove', 0.85, 'won'],
        ['Ulf', 0.4, 'left'],
        ['Vida', 0.7, 'won'],
        ['Wim', 0.6, 'lost'],
        ['Yara', 0.8, 'won'],
        ['Zeno', 0.7, 'won'],
    ];

    public function run(CreateGame $create, OpenRun $open, JoinRun $join, TakeAction $take): void
    {
        $teacher = User::query()->create(['name' => 'Ida Marsh', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $create->handle($teacher, self::document('find-the-flag'));
        $create->handle($teacher, self::document('who-nests-here'));
        $create->handle($teacher, self::document('tide-words'));
        $create->handle($teacher, self::document('low-tide'));
        $create->handle($teacher, self::document('lamp-room-workbench'));
        $create->handle($teacher, self::document('fog-crossing'));
        $game = $create->handle($teacher, self::document('dark-lamp'));
        $run = $open->handle($game, '7B', false);
        $this->play($run, $join, $take);
        $this->settle($game, $run);
    }

    /** @return array<array-key, mixed> the game of a folder of database/demo/, its files kept */
    public static function document(string $folder): array
    {
        $path = database_path("demo/{$folder}");
        $document = Json::readObject((string) file_get_contents("{$path}/game.json"));
        foreach ($document['assets'] as $place => $asset) {
            $bytes = (string) file_get_contents("{$path}/{$asset['file']}");
            $document['assets'][$place]['file'] = GameFiles::keep($bytes, pathinfo($asset['file'], PATHINFO_EXTENSION));
        }

        return $document;
    }

    private function play(Run $run, JoinRun $join, TakeAction $take): void
    {
        mt_srand(1709);
        $lesson = Carbon::parse('yesterday 09:05');
        foreach (self::STUDENTS as $place => [$name, $skill, $end]) {
            Carbon::setTestNow($lesson->clone()->addSeconds(mt_rand(0, 90)));
            $play = $join->begin($run, $name, null, 1000 + $place);
            (new PretendStudent($take, (string) $play?->id, $skill, $end, $run->edition))->play();
        }
        Carbon::setTestNow();
    }

    /** The run was yesterday and is closed. */
    private function settle(Game $game, Run $run): void
    {
        $run->update(['closed_at' => Carbon::parse('yesterday 09:50')]);
        DB::table('runs')
            ->where('id', $run->id)
            ->update(['created_at' => Carbon::parse('yesterday 09:00')]);
        DB::table('games')
            ->where('id', $game->id)
            ->update(['updated_at' => Carbon::parse('2 days ago')]);
    }
}
