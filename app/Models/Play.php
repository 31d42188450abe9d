<?php

declare(strict_types=1);

namespace App\Models;

use App\Play\Clock;
use App\Play\CompiledEdition;
use App\Play\Limit;
use App\Play\PlayerName;
use App\Play\Ticket;
use App\Storage\EditionFile;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One student's or team's way through a run. Times are seconds since 1970.
 *
 * @property string $id
 * @property string $run_id
 * @property string|null $edition_id the edition it keeps, where that of its run is later and would break it
 * @property string $name
 * @property string $name_key the name as it is compared
 * @property string|null $group
 * @property string $rejoin_words two words
 * @property int $seq number of the newest event
 * @property string $state
 * @property int $started_at
 * @property int $acted_at
 * @property int|null $ended_at
 * @property string|null $address an e-mail address, where its run asked for one
 * @property string|null $certificate the code on its certificate, once one was asked for
 * @property int|null $place in which order it finished, from 1
 * @property Edition|null $edition
 * @property Collection<int, Member> $members
 * @property int $extra seconds beyond the limit of its run
 * @property int|null $called_at since when it calls the teacher
 * @property int $progressed_at when it last came to another scene or opened something
 */
final class Play extends Model
{
    use HasUlids;

    public $timestamps = false;

    protected $fillable = [
        'run_id',
        'name',
        'name_key',
        'group',
        'rejoin_words',
        'seq',
        'state',
        'started_at',
        'acted_at',
        'ended_at',
        'progressed_at',
        'extra',
        'address',
        'place',
        'certificate',
        'edition_id',
        'called_at',
    ];

    public function read(): PlayState
    {
        return PlayState::fromArray(Json::readObject($this->state));
    }

    /** Until when it takes anything; null where its run has no limit. */
    public function until(Run $run): ?int
    {
        return Limit::until($this->started_at, $run->minutes, $this->extra);
    }

    /** Seconds from the first scene to the ending of what it played last. */
    public function secondsPlayed(): int
    {
        return $this->read()->seconds($this->ended_at ?? $this->acted_at);
    }

    /** The edition that it plays. */
    public function compiled(Run $run): CompiledEdition
    {
        return EditionFile::of($this->edition ?? $run->edition);
    }

    /** @return BelongsTo<Edition, $this> */
    public function edition(): BelongsTo
    {
        return $this->belongsTo(Edition::class);
    }

    /** @return HasMany<Member, $this> of its team, in the order they came */
    public function members(): HasMany
    {
        return $this->hasMany(Member::class)->orderBy('id');
    }

    /** The ticket of a device that joins its team; a name that is there already is the same pupil again. */
    public function ticketFor(?string $member): Ticket
    {
        if ($member === null || $member === '') {
            return Ticket::for($this->id);
        }
        $key = PlayerName::key($member);
        $known = $this->members->first(static fn (Member $one): bool => PlayerName::key($one->name) === $key)
            ?? $this->members()->create(['name' => $member, 'joined_at' => Clock::seconds()]);

        return Ticket::for($this->id, $known->id);
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    protected function casts(): array
    {
        return ['seq' => 'integer', 'started_at' => 'integer', 'acted_at' => 'integer', 'ended_at' => 'integer',
            'progressed_at' => 'integer',
            'extra' => 'integer', 'place' => 'integer', 'called_at' => 'integer',
        ];
    }
}
