<?php

declare(strict_types=1);

namespace App\Models;

use App\Play\Limit;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One student's or team's way through a run. Times are seconds since 1970.
 *
 * @property string $id
 * @property string $run_id
 * @property string $name
 * @property string $name_key the name as it is compared
 * @property string|null $group
 * @property string $rejoin_words two words
 * @property int $seq number of the newest event
 * @property string $state
 * @property int $started_at
 * @property int $acted_at
 * @property int|null $ended_at
 * @property int $extra seconds beyond the limit of its run
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

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    protected function casts(): array
    {
        return ['seq' => 'integer', 'started_at' => 'integer', 'acted_at' => 'integer', 'ended_at' => 'integer',
            'progressed_at' => 'integer',
            'extra' => 'integer',
        ];
    }
}
