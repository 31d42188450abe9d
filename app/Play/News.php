<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\EditionFile;
use App\Words\Languages;
use Fravel\State\PlayState;
use Fravel\Support\Json;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * What a student's device did not do itself: lines from the teacher, help, a pause, and what another device of the same
 * play did. It asks every few seconds, so the answer is two queries, and a scene only where there is another.
 */
final class News
{
    /** A line is shown as long as this after it was sent, in seconds. */
    private const FRESH = 1800;

    private const ROW = 'select plays.seq, plays.state, plays.started_at, plays.extra, plays.called_at, '
        .Gate::COLUMNS.', editions.hash from plays join runs on runs.id = plays.run_id '
        .'join editions on editions.id = coalesce(plays.edition_id, runs.edition_id) where plays.id = ?';

    private const NOTES = 'select id, words from notes where play_id = ? and id > ? and at > ? order by id limit 5';

    /**
     * @param  int  $seq  of the newest event that the device knows
     * @param  int  $since  id of the newest line that it has shown
     * @param  int|null  $member  who of a class or team asks
     * @param  bool  $isFront  whether it is the screen at the front of a class, on which all runs
     * @return array<string, mixed>|null  null when there is no such play in the run
     */
    public static function of(
        string $play, string $code, int $seq, int $since, Frame $frame, ?int $member = null, bool $isFront = false,
    ): ?array {
        $row = DB::selectOne(self::ROW, [$play]);
        if ($row === null || strcasecmp((string) $row->code, $code) !== 0) {
            return null;
        }
        $now = Clock::seconds();

        return [
            'seq' => (int) $row->seq,
            'paused' => $row->paused_at !== null,
            'called' => $row->called_at !== null,
            'closed' => Gate::isClosed($row, $now),
            'left' => self::left($row, $now),
            'notes' => DB::select(self::NOTES, [$play, $since, $now - self::FRESH]),
        ] + ($isFront || $row->plays_as === 'each' ? [] : self::together($play, $member, $row, $now))
            + ((int) $row->seq === $seq ? [] : self::moment($row, $frame, $now, $isFront));
    }

    /** @return array<string, string> what the others of a class or a team do */
    private static function together(string $play, ?int $member, stdClass $row, int $now): array
    {
        $game = EditionFile::read((string) $row->hash)->game;
        Languages::speakIn($game->language());
        if ($row->plays_as === 'teams') {
            return ['team' => Team::of($play, $member, $game, $now)->html($game)];
        }
        $state = PlayState::fromArray(Json::readObject((string) $row->state));

        return ['vote' => VoteLine::of($play, $member, $game, $state, $now)->html()];
    }

    /** Seconds that are left; null where there is no limit. */
    private static function left(stdClass $row, int $now): ?int
    {
        $minutes = $row->minutes === null ? null : (int) $row->minutes;
        $until = Limit::until((int) $row->started_at, $minutes, (int) $row->extra);

        return $until === null ? null : max(0, $until - $now);
    }

    /** @return array<string, mixed> where the play is now */
    private static function moment(stdClass $row, Frame $frame, int $now, bool $isFront): array
    {
        $state = PlayState::fromArray(Json::readObject((string) $row->state));
        $rules = $isFront ? RunRules::of($row)->atFront() : RunRules::of($row);
        $screen = new Screen(EditionFile::read((string) $row->hash), $state, $now, $rules);
        Languages::speakIn($screen->edition->game->language());

        return Reply::moment($screen, $frame);
    }
}
