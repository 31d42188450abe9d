<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A frozen copy of a game, named by the hash of its content.
 *
 * @property string $id
 * @property string $game_id
 * @property int $number
 * @property string $hash SHA-256 of the document, in hex
 * @property string $document
 */
final class Edition extends Model
{
    use HasUlids;

    public const UPDATED_AT = null;

    protected $fillable = ['game_id', 'number', 'hash', 'document'];
}
