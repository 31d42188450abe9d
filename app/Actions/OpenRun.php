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

    /**
     * @param  list<string>|null  $names  the class list; null when anybody may join
     * @param  int|null  $minutes  that a play may take; null for no limit
     */
    public function handle(
        Game $game, string $label, bool $asksGroup, ?array $names = null, ?int $minutes = null,
    ): Run {
        // Frozen before the lock is taken: a large game takes its time, and students act meanwhile.
        $edition = $this->freeze->handle($game);

        return DB::transaction(fn (): Run => $game->runs()->create([
            'edition_id' => $edition->id,
            'code' => $this->freeCode(),
            'label' => $label,
            'asks_group' => $asksGroup,
            'names' => $names,
            'minutes' => $minutes,
        ]));
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
