<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\OwnAddress;
use App\Models\Run;
use App\Storage\EditionFile;
use App\View\GivenAnswer;
use App\View\RunLogs;
use App\Workshop\Names;
use Fravel\Document\GameDocument;
use Fravel\Report\Deed;
use Fravel\Report\PlayLog;
use Illuminate\Support\Carbon;
use Ramsey\Uuid\Uuid;

/**
 * What was learnt in a run as statements of the Experience API 1.0.3 (IEEE 9274.1.1): who began, answered what with
 * which success, and came to an end. Who it was is said by the name they chose and an account of this application
 * alone; the same deed is always the same statement.
 */
final class Statements
{
    private const VERBS = 'http://adlnet.gov/expapi/verbs/';

    private const ACTIVITIES = 'http://adlnet.gov/expapi/activities/';

    /** @return list<array<string, mixed>> */
    public static function of(Run $run): array
    {
        $game = EditionFile::of($run->edition)->game;
        $statements = [];
        foreach (RunLogs::of($run) as $log) {
            foreach ($log->deeds as $number => $deed) {
                $about = self::about($run, $game, $log, $deed);
                $about === null ?: $statements[] = $about + [
                    'id' => Uuid::uuid5(Uuid::NAMESPACE_URL, self::address($run)."/{$log->id}/{$number}")->toString(),
                    'actor' => self::actor($log),
                    'timestamp' => Carbon::createFromTimestamp($deed->at)->toIso8601ZuluString(),
                    'context' => ['contextActivities' => ['grouping' => [['id' => self::address($run)]]]],
                ];
            }
        }

        return $statements;
    }

    /** @return array<string, mixed>|null null for a deed of which nothing is said */
    private static function about(Run $run, GameDocument $game, PlayLog $log, Deed $deed): ?array
    {
        return match (true) {
            $deed->begins() => ['verb' => self::verb('initialized'), 'object' => self::game($run, $game)],
            $deed->lock() !== null => self::answer($run, $game, (string) $deed->lock(), $deed),
            $deed->ends() !== null => [
                'verb' => self::verb(['won' => 'passed', 'lost' => 'failed'][$deed->ends()] ?? 'completed'),
                'object' => self::game($run, $game),
                'result' => [
                    'completion' => true, 'duration' => 'PT'.max(0, $deed->at - $log->startedAt).'S',
                ] + ($deed->ends() === 'open' ? [] : ['success' => $deed->ends() === 'won']),
            ],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function answer(Run $run, GameDocument $game, string $lock, Deed $deed): array
    {
        return [
            'verb' => self::verb('answered'),
            'object' => [
                'objectType' => 'Activity', 'id' => self::address($run)."/locks/{$lock}",
                'definition' => [
                    'type' => self::ACTIVITIES.'cmi.interaction', 'interactionType' => 'other',
                    'name' => [$game->language() => Names::of($game, $lock)],
                ],
            ],
            'result' => [
                'response' => GivenAnswer::words($game, $lock, $deed->with()), 'success' => $deed->opens(),
                'duration' => "PT{$deed->after}S",
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function actor(PlayLog $log): array
    {
        return [
            'objectType' => 'Agent', 'name' => $log->name,
            'account' => ['homePage' => OwnAddress::of(''), 'name' => $log->id],
        ];
    }

    /** @return array<string, mixed> */
    private static function game(Run $run, GameDocument $game): array
    {
        return ['objectType' => 'Activity', 'id' => self::address($run), 'definition' => [
            'type' => self::ACTIVITIES.'simulation', 'name' => [$game->language() => $game->title()],
        ]];
    }

    /** @return array<string, mixed> */
    private static function verb(string $name): array
    {
        return ['id' => self::VERBS.$name, 'display' => ['en' => $name]];
    }

    private static function address(Run $run): string
    {
        return OwnAddress::of("/runs/{$run->id}");
    }
}
