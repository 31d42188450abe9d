<?php

declare(strict_types=1);

namespace App\Models;

use App\Play\PlayerName;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * An edition opened to a class under a join code.
 *
 * @property string $id
 * @property string $edition_id
 * @property string $game_id
 * @property string $code
 * @property string $label
 * @property bool $asks_group
 * @property list<string>|null $names the class list, where only these may join
 * @property bool $takes_new whether anybody new may join
 * @property bool $gives_receipts whether students may keep what they answered, wherever they are
 * @property Carbon|null $closed_at
 * @property int|null $minutes that a play may take; null for no limit
 * @property Carbon|null $paused_at since when nothing is taken for a while
 * @property Carbon $created_at
 * @property Edition $edition
 * @property Game $game
 */
final class Run extends Model
{
    use HasUlids;

    protected $attributes = ['takes_new' => true, 'gives_receipts' => false];

    protected $fillable = [
        'edition_id', 'game_id', 'code', 'label', 'asks_group', 'closed_at', 'names', 'takes_new', 'gives_receipts',
        'paused_at', 'minutes',
    ];

    /** Whether the draft has changed since it was frozen for this class. */
    public function isBehind(): bool
    {
        return $this->edition->source !== hash('sha256', $this->game->document);
    }

    public function isOpen(): bool
    {
        return $this->closed_at === null;
    }

    /** The name as the class list spells it; as it is where there is no list, null where it is not on it. */
    public function admitted(string $name): ?string
    {
        $key = PlayerName::key($name);
        $listed = array_values(
            array_filter($this->names ?? [$name], static fn (string $each): bool => PlayerName::key($each) === $key),
        );

        return $listed[0] ?? null;
    }

    public static function findByCode(string $code): ?self
    {
        return self::query()->where('code', strtoupper((string) preg_replace('/[^A-Za-z]/', '', $code)))->first();
    }

    /** @return BelongsTo<Edition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(Edition::class);
    }

    /** @return BelongsTo<Game, $this> */
    public function game(): BelongsTo
    {
        return $this->belongsTo(Game::class);
    }

    /** @return HasMany<Play, $this> */
    public function plays(): HasMany
    {
        return $this->hasMany(Play::class);
    }

    protected function casts(): array
    {
        return [
            'asks_group' => 'boolean', 'closed_at' => 'datetime', 'minutes' => 'integer', 'paused_at' => 'datetime',
            'names' => 'array', 'takes_new' => 'boolean', 'gives_receipts' => 'boolean',
        ];
    }
}
