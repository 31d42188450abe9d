<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Game;
use App\Models\User;
use Fravel\Support\Json;
use Illuminate\Database\Eloquent\Factories\Factory;
use Tests\Support\Games;

/** @extends Factory<Game> */
final class GameFactory extends Factory
{
    protected $model = Game::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $document = Games::twoRooms();

        return [
            'user_id' => User::factory(),
            'title' => $document['title'],
            'document' => Json::write($document),
            'revision' => 1,
        ];
    }
}
