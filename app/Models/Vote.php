<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What one of a class is for: an action of the play.
 *
 * @property int $id
 * @property int $ballot_id
 * @property int $member_id
 * @property string $key what is the same has the same
 * @property array<string, mixed> $action
 * @property list<string>|null $keys with which it was sent, the newest last
 */
final class Vote extends Model
{
    public $timestamps = false;

    protected $fillable = ['ballot_id', 'member_id', 'key', 'action', 'at', 'keys'];

    protected function casts(): array
    {
        return ['action' => 'array', 'keys' => 'array'];
    }
}
