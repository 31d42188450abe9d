<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\GameFactory;
use Fravel\Document\GameDocument;
use Fravel\Support\Json;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A teacher's draft: the document as JSON, and the revision it stands at.
 *
 * @property string $id
 * @property string $user_id
 * @property string $title
 * @property string $document
 * @property int $revision
 * @property Carbon|null $archived_at
 * @property Carbon $updated_at
 */
final class Game extends Model
{
    /** @use HasFactory<GameFactory> */
    use HasFactory, HasUlids;

    protected $fillable = ['user_id', 'title', 'document', 'revision', 'archived_at'];

    public function read(): GameDocument
    {
        return GameDocument::of(Json::readObject($this->document));
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<Change, $this> */
    public function changes(): HasMany
    {
        return $this->hasMany(Change::class);
    }

    /** @return HasMany<Edition, $this> */
    public function editions(): HasMany
    {
        return $this->hasMany(Edition::class);
    }

    /** @return HasMany<Run, $this> */
    public function runs(): HasMany
    {
        return $this->hasMany(Run::class);
    }

    protected function casts(): array
    {
        return ['revision' => 'integer', 'archived_at' => 'datetime'];
    }
}
