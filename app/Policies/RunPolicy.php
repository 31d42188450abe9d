<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Run;
use App\Models\User;

/** A run, and its report with it, belongs to the teacher of its game. */
final class RunPolicy
{
    public function view(User $user, Run $run): bool
    {
        return $run->game->user_id === $user->id;
    }

    public function update(User $user, Run $run): bool
    {
        return $run->game->user_id === $user->id;
    }

    public function delete(User $user, Run $run): bool
    {
        return $run->game->user_id === $user->id;
    }
}
