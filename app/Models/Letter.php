<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * Mail that stayed inside the application.
 *
 * @property string $to
 * @property string $subject
 * @property string $body
 * @property Carbon $created_at
 */
final class Letter extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['to', 'subject', 'body'];
}
