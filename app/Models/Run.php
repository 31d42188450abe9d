<?php

declare(strict_types=1);

namespace App\Models;

use App\Play\Clock;
use App\Play\Gate;
use App\Play\PlayerName;
use App\Storage\Pulse;
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
 * @property string $plays_as `each` alone, `teams` that share a play, or the `class` that decides together
 * @property list<string>|null $groups those that may be picked at joining; null to type one
 * @property bool $asks_address whether an e-mail address may be left at joining
 * @property int|null $opens_at seconds since 1970, before which nobody plays
 * @property int|null $closes_at seconds since 1970, from which nobody plays
 * @property string $zone in which those times were typed
 * @property string|null $erase_on the day on which the run goes with all its data, such as `2026-12-24`
 * @property bool $shows_order whether students see in which order they finished
 * @property bool $gives_hints
 * @property bool $gives_certificates whether who is through may print one
 * @property bool $shows_wall whether who is through may put an emblem on the wall of the run
 * @property bool $plays_again whether an ending that lets one play again may do so
 * @property Carbon $created_at
 * @property Edition $edition
 * @property Game $game
 */
final class Run extends Model
{
    use HasUlids;

    /** What a teacher settles, and a copy of the run keeps. */
    public const SETTINGS = [
        'label', 'plays_as', 'asks_group', 'groups', 'asks_address', 'names', 'minutes', 'shows_order', 'gives_hints',
        'gives_receipts', 'plays_again', 'zone', 'gives_certificates', 'shows_wall',
    ];

    protected $attributes = [
        'takes_new' => true, 'gives_receipts' => false, 'plays_as' => 'each', 'asks_address' => false,
        'shows_order' => false, 'gives_hints' => true, 'plays_again' => true, 'zone' => 'UTC',
        'gives_certificates' => false, 'shows_wall' => false,
    ];

    protected $fillable = [
        ...self::SETTINGS, 'edition_id', 'game_id', 'code', 'closed_at', 'takes_new', 'paused_at', 'opens_at',
        'closes_at', 'erase_on',
    ];

    /** Whether the draft has changed since it was frozen for this class. */
    public function isBehind(): bool
    {
        return $this->edition->source !== hash('sha256', $this->game->document);
    }

    public function isOpen(): bool
    {
        return ! $this->isClosed() && ! $this->isEarly();
    }

    public function isClosed(): bool
    {
        return Gate::isClosed($this, Clock::seconds());
    }

    /** Whether it is to open later. */
    public function isEarly(): bool
    {
        return $this->opens_at !== null && Clock::seconds() < $this->opens_at;
    }

    /** When it was closed, or closed by itself; null while it is open. */
    public function closedSince(): ?int
    {
        return $this->closed_at === null
            ? ($this->isClosed() ? $this->closes_at : null)
            : (int) $this->closed_at->getTimestamp();
    }

    /** @return list<string> names of those who play an earlier edition than the run */
    public function keptBack(): array
    {
        return array_values(
            $this->plays()->whereNotNull('edition_id')->whereNull('ended_at')->orderBy('name')->pluck('name')->all(),
        );
    }

    /** Something that all its devices show is another now. */
    public function beat(): void
    {
        Pulse::beat($this->id, ...array_map(strval(...), $this->plays()->whereNull('ended_at')->pluck('id')->all()));
    }

    public function hasTeams(): bool
    {
        return $this->plays_as === 'teams';
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
            'names' => 'array', 'takes_new' => 'boolean', 'gives_receipts' => 'boolean', 'groups' => 'array',
            'asks_address' => 'boolean', 'opens_at' => 'integer', 'closes_at' => 'integer',
            'shows_order' => 'boolean', 'gives_hints' => 'boolean', 'plays_again' => 'boolean',
            'gives_certificates' => 'boolean', 'shows_wall' => 'boolean',
        ];
    }
}
