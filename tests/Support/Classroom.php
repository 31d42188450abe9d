<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Actions\JoinRun;
use App\Actions\OpenRun;
use App\Models\Game;
use App\Models\Play;
use App\Models\Run;
use App\Play\Ticket;
use Fravel\Support\Json;
use RuntimeException;

/** A game opened to a class, for tests of what its students do. */
final class Classroom
{
    /** @param  array<string, mixed>|null  $document the two-room game when null */
    public static function open(?array $document = null, bool $asksGroup = false): Run
    {
        $document ??= Games::twoRooms();
        $game = Game::factory()->create(['title' => $document['title'], 'document' => Json::write($document)]);

        return app(OpenRun::class)->handle($game, '7B', $asksGroup);
    }

    public static function join(Run $run, string $name = 'Mia'): Play
    {
        return app(JoinRun::class)
            ->begin($run, $name, null, 1) ?? throw new RuntimeException("{$name} could not join.");
    }

    public static function ticket(Play $play): string
    {
        return Ticket::for($play->id)->text();
    }

    /** What a part of the draft is called in the edition of a play, or of the newest run. */
    public static function id(string $part, ?Play $play = null): string
    {
        $run = $play === null ? Run::query()->latest('id')->firstOrFail() : Run::query()->findOrFail($play->run_id);

        return $run->edition->nameOf($part);
    }

    /**
     * The fields of a form that takes an action.
     *
     * @param  array<string, mixed>  $fields  `on`, and a choice among options, by their ids in the draft
     * @return array<string, mixed>
     */
    public static function form(Play $play, array $fields): array
    {
        foreach (['on', 'with'] as $name) {
            is_string($fields[$name] ?? null) && $fields[$name] = self::id($fields[$name], $play);
        }

        return $fields + ['ticket' => self::ticket($play), 'key' => bin2hex(random_bytes(8))];
    }
}
