<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One of a team, at a device of their own.
 *
 * @property int $id
 * @property string $play_id
 * @property string $name
 * @property int $joined_at seconds since 1970
 */
final class Member extends Model
{
    public $timestamps = false;

    protected $fillable = ['play_id', 'name', 'joined_at'];
}
