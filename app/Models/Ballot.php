<?php

declare(strict_types=1);

namespace App\Models;

use App\Play\Clock;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One decision of a class that plays together: what each is for, and once it is closed what came of it.
 *
 * @property int $id
 * @property string $play_id
 * @property array<string, int> $hands key of a vote → hands counted for it
 * @property int $opened_at seconds since 1970
 * @property int|null $closed_at seconds since 1970
 * @property array<string, mixed>|null $state where the play was when it was closed
 * @property array<string, mixed>|null $result the action that was taken
 * @property list<array{key: string, action: array<string, mixed>, count: int}>|null $counts
 * @property Collection<int, Vote> $votes
 */
final class Ballot extends Model
{
    public $timestamps = false;

    protected $fillable = ['play_id', 'hands', 'opened_at', 'closed_at', 'state', 'result', 'counts'];

    /** The one that is open in this play; a new one where there is none. An index holds that there is no second. */
    public static function openIn(string $play): self
    {
        $open = static fn (): ?self => self::query()->where('play_id', $play)->whereNull('closed_at')->first();
        $found = $open();
        if ($found === null) {
            self::query()->insertOrIgnore(['play_id' => $play, 'hands' => '[]', 'opened_at' => Clock::seconds()]);
        }

        return $found ?? $open() ?? self::query()->where('play_id', $play)->latest('id')->firstOrFail();
    }

    /** Whether it is open still; until the transaction in which this was asked is over, it stays so. */
    public function isHeldOpen(): bool
    {
        return self::query()->whereKey($this->id)->whereNull('closed_at')
            ->update(['opened_at' => $this->opened_at]) > 0;
    }

    /** @return HasMany<Vote, $this> */
    public function votes(): HasMany
    {
        return $this->hasMany(Vote::class);
    }

    protected function casts(): array
    {
        return ['hands' => 'array', 'state' => 'array', 'result' => 'array', 'counts' => 'array'];
    }
}
