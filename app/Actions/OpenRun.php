<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Game;
use App\Models\Run;
use Illuminate\Support\Facades\DB;

/** Opens a game to a class: freezes an edition and gives it a join code. */
final class OpenRun
{
    /** Letters that are not taken for one another when read aloud or from the board; no vowels, so no words. */
    private const LETTERS = 'CDFGHJKMNPQRTVWXY';

    private const LENGTH = 5;

    public function __construct(private readonly FreezeEdition $freeze)
    {
    }

    /** @param  array<string, mixed>  $settings  columns of the run, as RunRequest reads them */
    public function handle(Game $game, string $label, bool $asksGroup = false, array $settings = []): Run
    {
        // Frozen before the lock is taken: a large game takes its time, and students act meanwhile.
        $edition = $this->freeze->handle($game);

        return DB::transaction(fn (): Run => $game->runs()->create([
            ...$settings,
            'edition_id' => $edition->id,
            'code' => $this->freeCode(),
            'label' => $label,
            'asks_group' => $asksGroup,
        ]));
    }

    /** One more run of the game as it is now, settled as this one is; its times were for that class alone. */
    public function copy(Run $run): Run
    {
        $settings = array_intersect_key($run->getAttributes(), array_fill_keys(Run::SETTINGS, null));
        $read = array_intersect_key($run->toArray(), $settings);

        return $this->handle($run->game, $run->label, $run->asks_group, $read);
    }

    private function freeCode(): string
    {
        do {
            $code = '';
            while (strlen($code) < self::LENGTH) {
                $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
            }
        } while (Run::query()->where('code', $code)->exists());

        return $code;
    }
}
