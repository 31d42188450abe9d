<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What a teacher says to something that was written, for the student's page of answers.
 *
 * @property string $play_id
 * @property string $lock
 * @property string|null $mark `good`, `fair` or `again`; null for words alone
 * @property string $words
 * @property int $at seconds since 1970
 */
final class Mark extends Model
{
    public const MARKS = ['good', 'fair', 'again'];

    public $timestamps = false;

    protected $fillable = ['play_id', 'lock', 'mark', 'words', 'at'];
}
