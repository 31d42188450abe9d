<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\CreateGame;
use App\Actions\OpenRun;
use App\Models\Run;
use App\Models\User;
use App\Storage\GameFiles;
use Fravel\Support\Json;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * A teacher with the demo games; two finished runs and one in progress, which a made-up class really played; and one of
 * each kind that nobody has joined yet.
 */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'ida@skerrypoint.example';

    public const PASSWORD = 'the lamp is lit';

    private const STUDENTS = [
        'Aila', 'Bram', 'Cato', 'Dunja', 'Edda', 'Finn', 'Greta', 'Hanno', 'Imke', 'Jonte', 'Kaia', 'Liv', 'Malo',
        'Nela', 'Oda', 'Pim', 'Runa', 'Sören', 'Tove', 'Ulf', 'Vida', 'Wim', 'Yara', 'Zeno',
    ];

    /** What is written to the first entry of the log. */
    private const TEXTS = ['why-high' => [
        'right' => [
            'So that ships can see the light from far away.',
            'The higher the lamp is, the farther away its light is seen, because the earth is round.',
            'Because from high up the light reaches far over the sea.',
            'From up there it can be seen from far off, over the waves.',
        ],
        'wrong' => ['Because of ships', 'It looks nice', 'The tower is tall'],
    ]];

    /** Folder → label of a run that waits for students, and its settings. */
    private const JOINED = [
        'find-the-flag' => ['6A', []], 'who-nests-here' => ['6B', []], 'low-tide' => ['5A', []],
        'lamp-room-workbench' => ['7A', ['plays_as' => 'teams', 'gives_certificates' => true, 'shows_wall' => true]],
        'how-the-lens-turns' => ['9A', ['gives_receipts' => true]],
    ];

    /** Minutes for which the class that plays now has played. */
    private const UNDER_WAY = 16;

    public function run(CreateGame $create, OpenRun $open, PretendClass $class): void
    {
        $teacher = User::query()->create(['name' => 'Ida Marsh', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        foreach (self::JOINED as $folder => [$label, $settings]) {
            $open->handle($create->handle($teacher, self::document($folder)), $label, false, $settings);
        }
        $create->handle($teacher, self::document('tide-words'));
        $fog = $create->handle($teacher, self::document('fog-crossing'));
        $lamp = $create->handle($teacher, self::document('dark-lamp'));
        $open->handle($fog, '8B', false, ['plays_as' => 'class']);
        $this->finished($class, $open->handle($fog, '8A', false, ['shows_order' => true]), 1709, '2 days ago 10:05');
        $this->finished($class, $open->handle($lamp, '7B'), 1843, 'yesterday 09:05');
        $now = $open->handle($lamp, '7C', false, ['shows_order' => true]);
        $begin = Carbon::now()->subMinutes(self::UNDER_WAY);
        $class->play($now, array_slice(self::STUDENTS, 0, 20), 1853, $begin, Carbon::now(), self::TEXTS);
        DB::table('games')->where('id', $lamp->id)->update(['updated_at' => Carbon::parse('2 days ago')]);
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

    /** A lesson that is over: it is closed. */
    private function finished(PretendClass $class, Run $run, int $seed, string $when): void
    {
        $begin = Carbon::parse($when);
        $class->play($run, self::STUDENTS, $seed, $begin, $begin->clone()->addMinutes(45), self::TEXTS);
        $run->update(['closed_at' => $begin->clone()->addMinutes(45)]);
        DB::table('runs')->where('id', $run->id)->update(['created_at' => $begin->clone()->subMinutes(5)]);
    }
}
