<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;

/**
 * A teacher.
 *
 * @property string $id
 * @property string $name
 * @property string $email
 * @property string|null $language of the interface; null as the browser asks
 * @property array<string, mixed>|null $usual what they usually want of locks
 */
final class User extends Authenticatable
{
    /** @use HasFactory<UserFactory> */
    use HasFactory, HasUlids, Notifiable;

    protected $fillable = ['name', 'email', 'password', 'language'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasMany<Game, $this> */
    public function games(): HasMany
    {
        return $this->hasMany(Game::class);
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'usual' => 'array'];
    }
}
