<?php

declare(strict_types=1);

namespace App\Play;

use App\View\GivenAnswer;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What a device of a team shows of the team: who else plays, what they did just now, and at which lock they are. */
final readonly class Team
{
    /** How often such a device asks what the others did, in milliseconds: within a second it shows. */
    public const PERIOD = 600;

    /** So long somebody is taken to be at a lock, and what was done is told as news, in seconds. */
    public const HOLDS = 60;

    private const FRESH = 120;

    /** Things done that are told at most, and letters of an answer. */
    private const LINES = 2;

    private const LONGEST = 60;

    private const MEMBERS = 'select id, name, holds, held_at from members where play_id = ? order by id';

    private const DOINGS = 'select members.name, play_events."action", play_events.events from play_events '
        .'join members on members.id = play_events.member where play_events.play_id = ? and play_events.at > ? '
        .'and members.id <> ? order by play_events.seq desc limit '.self::LINES;

    /**
     * @param  list<string>  $others  names
     * @param  list<string>  $did  what others did just now, the newest first
     * @param  array<string, string>  $held  lock → who is there
     */
    private function __construct(public array $others, public array $did, public array $held)
    {
    }

    /**
     * In the language that is spoken now.
     *
     * @param  int|null  $member  who of the team it is
     */
    public static function of(string $play, ?int $member, GameDocument $game, int $now): self
    {
        $others = array_filter(
            DB::select(self::MEMBERS, [$play]), static fn (stdClass $one): bool => (int) $one->id !== $member,
        );
        $held = [];
        foreach ($others as $one) {
            if ($one->holds !== null && $one->held_at > $now - self::HOLDS && $game->lock($one->holds) !== null) {
                $held[$one->holds] = isset($held[$one->holds]) ? "{$held[$one->holds]}, {$one->name}" : $one->name;
            }
        }
        $doings = $others === [] ? [] : DB::select(self::DOINGS, [$play, $now - self::FRESH, $member ?? 0]);

        return new self(
            array_column($others, 'name'),
            array_values(array_map(static fn (stdClass $event): string => self::told($event, $game), $doings)),
            $held,
        );
    }

    /** As it stands on the page. */
    public function html(GameDocument $game): string
    {
        return view('play.team', ['team' => $this, 'game' => $game])->render();
    }

    private static function told(stdClass $event, GameDocument $game): string
    {
        $action = Json::readObject((string) $event->action);
        $on = current($action);
        $verb = (string) key($action);
        $what = is_string($on) ? (string) Names::known($game, $on) : '';
        $isNamed = $what !== '';
        if ($verb !== 'answer') {
            $isTold = $isNamed && in_array($verb, ['choose', 'lift', 'lower', 'hint', 'find'], true);
            $words = $isTold ? $verb : 'other';

            return (string) __("play.team.did.{$words}", ['who' => $event->name, 'what' => $what]);
        }
        $verdict = array_values(array_filter(
            (array) Json::read((string) $event->events),
            static fn (mixed $one): bool => is_array($one) && ($one[0] ?? null) === 'answered',
        ))[0][2] ?? 'wrong';
        $answer = GivenAnswer::words($game, (string) $on, $action['with'] ?? '');

        return (string) __($isNamed ? 'play.team.did.answer' : 'play.team.did.tried', [
            'who' => $event->name, 'what' => $what, 'answer' => mb_strimwidth($answer, 0, self::LONGEST, '…'),
            'verdict' => __("play.verdict.{$verdict}"),
        ]);
    }

    /** @return array<string, string> id → title of the scenes that the team came through and that let it in still */
    public static function open(GameDocument $game, PlayState $state, int $now): array
    {
        $open = [];
        foreach ($state->ended === null ? $state->visited : [] as $id) {
            $scene = $game->scene($id);
            if ($scene !== null && $scene->stop === null && $id !== $state->scene && $scene->title !== ''
                && ($scene->needs === null || $scene->needs->holds($state, $now))) {
                $open[$id] = $scene->title;
            }
        }

        return $open;
    }
}
