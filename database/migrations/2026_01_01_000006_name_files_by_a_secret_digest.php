<?php

use App\Storage\GameFiles;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/**
 * Files stood under the plain hash of their content, which anybody can work out for a picture that is known. They get
 * names by a secret, and every document that names them the new names. Going down changes nothing: any name is served.
 */
return new class extends Migration
{
    private const HOLDERS = ['games' => ['document'], 'changes' => ['command', 'inverse'], 'editions' => ['document']];

    public function up(): void
    {
        $names = $this->namesByOld();
        if ($names === []) {
            return;
        }
        foreach ($names as $old => $new) {
            copy(GameFiles::path($old), GameFiles::path($new));
        }
        DB::transaction(fn () => $this->rename($names));
        array_map(static fn (string $old): bool => unlink(GameFiles::path($old)), array_keys($names));
    }

    public function down(): void
    {
    }

    /** @return array<string, string> */
    private function namesByOld(): array
    {
        $names = [];
        foreach (glob(GameFiles::path('*.*')) ?: [] as $path) {
            [$old, $bytes] = [basename($path), (string) file_get_contents($path)];
            if (str_starts_with($old, hash('sha256', $bytes).'.')) {
                $names[$old] = GameFiles::nameOf($bytes, pathinfo($old, PATHINFO_EXTENSION));
            }
        }

        return $names;
    }

    /** @param  array<string, string>  $names */
    private function rename(array $names): void
    {
        foreach (self::HOLDERS as $table => $columns) {
            foreach (DB::table($table)->get(['id', ...$columns]) as $row) {
                $next = array_map(
                    static fn (string $text): string => strtr($text, $names),
                    array_intersect_key((array) $row, array_flip($columns)),
                );
                if ($next === array_intersect_key((array) $row, $next)) {
                    continue;
                }
                DB::table($table)
                    ->where('id', $row->id)
                    ->update($next + ($table === 'editions' ? ['hash' => hash('sha256', $next['document'])] : []));
            }
        }
    }
};
