<?php

declare(strict_types=1);

namespace App\Records;

use App\Http\OwnAddress;
use App\Models\Run;
use App\Report\RunLogs;
use App\Storage\EditionFile;
use App\View\GivenAnswer;
use App\Workshop\Names;
use Closure;
use Fravel\Document\GameDocument;
use Fravel\Report\Deed;
use Fravel\Report\Happening;
use Fravel\Report\PlayLog;
use Generator;
use Ramsey\Uuid\Uuid;
use WeakMap;

/**
 * What was learnt in a run as statements of the Experience API 1.0.3 (IEEE 9274.1.1): who began, answered what with
 * which success, and came to an end. Who it was is said by the name they chose and an account of this application
 * alone; the same deed is always the same statement.
 */
final readonly class Statements
{
    private const VERBS = 'http://adlnet.gov/expapi/verbs/';

    private const ACTIVITIES = 'http://adlnet.gov/expapi/activities/';

    /** @var WeakMap<Happening, array{object: array<string, mixed>, response: string}> what is said of each answer */
    private WeakMap $answers;

    private function __construct(private GameDocument $game, private string $address)
    {
        $this->answers = new WeakMap();
    }

    /**
     * @param  Closure(int): mixed|null  $told  what hears how much has been read, in per cent
     * @return Generator<int, array<string, mixed>> play by play, each in its order
     */
    public static function each(Run $run, ?Closure $told = null): Generator
    {
        $of = new self(EditionFile::of($run->edition)->game, OwnAddress::of("/runs/{$run->id}"));
        foreach (RunLogs::each($run, $told) as $log) {
            $actor = self::actor($log);
            foreach ($log->deeds as $number => $deed) {
                $about = $of->about($log, $deed);
                if ($about === null) {
                    continue;
                }
                yield $about + [
                    'id' => Uuid::uuid5(Uuid::NAMESPACE_URL, "{$of->address}/{$log->id}/{$number}")->toString(),
                    'actor' => $actor,
                    'timestamp' => gmdate('Y-m-d\TH:i:s\Z', $deed->at),
                    'context' => ['contextActivities' => ['grouping' => [['id' => $of->address]]]],
                ];
            }
        }
    }

    /** @return array<string, mixed>|null null for a deed of which nothing is said */
    private function about(PlayLog $log, Deed $deed): ?array
    {
        return match (true) {
            $deed->begins() => ['verb' => self::verb('initialized'), 'object' => $this->game()],
            $deed->lock() !== null => $this->answer((string) $deed->lock(), $deed),
            $deed->ends() !== null => [
                'verb' => self::verb(['won' => 'passed', 'lost' => 'failed'][$deed->ends()] ?? 'completed'),
                'object' => $this->game(),
                'result' => [
                    'completion' => true, 'duration' => 'PT'.max(0, $deed->at - $log->startedAt).'S',
                ] + ($deed->ends() === 'open' ? [] : ['success' => $deed->ends() === 'won']),
            ],
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private function answer(string $lock, Deed $deed): array
    {
        ['object' => $object, 'response' => $response] = $this->answers[$deed->what] ??= $this->given($lock, $deed);

        return [
            'verb' => self::verb('answered'),
            'object' => $object,
            'result' => [
                'response' => $response, 'success' => $deed->opens(), 'duration' => "PT{$deed->after}S",
            ],
        ];
    }

    /** @return array{object: array<string, mixed>, response: string} */
    private function given(string $lock, Deed $deed): array
    {
        return [
            'object' => [
                'objectType' => 'Activity', 'id' => "{$this->address}/locks/{$lock}",
                'definition' => [
                    'type' => self::ACTIVITIES.'cmi.interaction', 'interactionType' => 'other',
                    'name' => [$this->game->language() => Names::of($this->game, $lock)],
                ],
            ],
            'response' => GivenAnswer::words($this->game, $lock, $deed->with()),
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
    private function game(): array
    {
        return ['objectType' => 'Activity', 'id' => $this->address, 'definition' => [
            'type' => self::ACTIVITIES.'simulation', 'name' => [$this->game->language() => $this->game->title()],
        ]];
    }

    /** @return array<string, mixed> */
    private static function verb(string $name): array
    {
        return ['id' => self::VERBS.$name, 'display' => ['en' => $name]];
    }
}
