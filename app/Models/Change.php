<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\DocumentJson;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One change of a game with the command that undoes it.
 *
 * @property int $id
 * @property string $game_id
 * @property int $revision the newest revision that this change, its undoing or its redoing made
 * @property array<array-key, mixed> $command
 * @property array<array-key, mixed> $inverse
 * @property list<string> $touches
 * @property string $label
 * @property bool $undone
 * @property bool $dropped
 * @property Carbon $created_at
 */
final class Change extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['game_id', 'revision', 'command', 'inverse', 'touches', 'label', 'undone'];

    protected function casts(): array
    {
        return [
            'command' => DocumentJson::class,
            'inverse' => DocumentJson::class,
            'touches' => 'array',
            'undone' => 'boolean',
            'dropped' => 'boolean',
            'revision' => 'integer',
        ];
    }
}
