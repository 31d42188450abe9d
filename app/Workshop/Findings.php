<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Logging\Failure;
use App\Models\Game;
use App\Play\Clock;
use App\Storage\GameFiles;
use Fravel\Check\Check;
use Fravel\Check\CheckMemo;
use Fravel\Check\CheckReport;
use Fravel\Check\Finding;
use Fravel\Check\Mended;
use Fravel\Check\Severity;
use Fravel\Document\Asset;
use Fravel\Document\GameDocument;
use Illuminate\Support\Facades\App;
use Illuminate\Support\Facades\Cache;
use Throwable;

/**
 * What the check says of a draft, in words; kept under the hash of its document, since the same document gives the
 * same.
 *
 * @phpstan-type Told array{code: string, severity: string, words: string, where: list<string>, mend: array<string,
 *     mixed>|null, mendAs: string, actions: list<array<string, mixed>>, meant?: bool}
 */
final readonly class Findings
{
    /** States the check may look at while a page waits for it. */
    private const BUDGET = 20_000;

    private const KEPT = 30 * 24 * 3600;

    private const MEMO_KEPT = 24 * 3600;

    /** Changes when what is kept has another shape. */
    private const SHAPE = 6;

    /** Seconds after which a look that was begun has come to nothing. */
    private const STILL_LOOKING = 10;

    /** @var list<string> */
    public array $errors;

    /** @var list<string> */
    public array $warnings;

    /** @var list<string> both: what there is to mend, wherever it is counted */
    public array $toMend;

    /**
     * @param  list<Told>  $all
     * @param  list<string>  $unlooked  what was not looked at to its end, in words
     * @param  bool  $isPending  whether somebody is looking just now
     */
    private function __construct(
        public array $all,
        public bool $isProved,
        public array $unlooked = [],
        public bool $isPending = false,
    ) {
        $words = static fn (Severity $severity): array => array_column(
            array_filter(
                $all,
                static fn (array $told): bool => $told['severity'] === $severity->value && ! ($told['meant'] ?? false),
            ),
            'words',
        );
        $this->errors = $words(Severity::Error);
        $this->warnings = $words(Severity::Warning);
        $this->toMend = [...$this->errors, ...$this->warnings];
    }

    public static function of(Game $game): self
    {
        return self::kept($game) ?? self::looked($game);
    }

    /** Those that are known already; null when the game would have to be looked over first. */
    public static function kept(Game $game): ?self
    {
        $kept = Cache::get(self::keyOf($game));

        return is_array($kept) ? new self(...$kept) : null;
    }

    /** Nothing known yet. */
    public static function notYet(): self
    {
        return new self([], false, [(string) __('workshop.findings.unlooked.all')], true);
    }

    /** That a look began is remembered: one that brings its process down is not begun again for the same document. */
    private static function looked(Game $game): self
    {
        $mark = self::keyOf($game).'.begun';
        $begun = Cache::get($mark);
        $since = is_int($begun) ? Clock::seconds() - $begun : self::STILL_LOOKING;
        if ($since >= 0 && $since < self::STILL_LOOKING) {
            return self::notYet();
        }
        try {
            Cache::put($mark, Clock::seconds(), self::KEPT);
            $found = is_int($begun) ? self::failed() : self::look($game);
        } catch (Throwable $failure) {
            Failure::tell($failure);
            $found = self::failed();
        }
        Cache::put(self::keyOf($game), $found, self::KEPT);
        Cache::forget($mark);

        return new self(...$found);
    }

    /** @return array{list<Told>, bool, list<string>} */
    private static function failed(): array
    {
        $told = [
            'code' => 'check.failed',
            'severity' => Severity::Warning->value,
            'words' => (string) __('workshop.findings.failed'),
            'where' => [],
            'mend' => null,
            'mendAs' => '',
            'actions' => [],
        ];

        return [[$told], false, [(string) __('workshop.findings.unlooked.all')]];
    }

    /**
     * A mend that was offered, made and played before it is handed out.
     *
     * @param  array<array-key, mixed>  $offered
     */
    public static function mended(Game $game, array $offered): Mended
    {
        [$read, $memo] = [$game->read(), self::memoOf($game)];

        return Mended::of(
            $read,
            $offered,
            static fn (GameDocument $one): CheckReport => self::checked($one, $memo),
            static fn (string $scene): string => (string) trans(
                'made.pattern.playedThrough', ['scene' => $scene], $read->language(),
            ),
            RequestEffort::begin(),
        );
    }

    private static function checked(GameDocument $read, CheckMemo $memo): CheckReport
    {
        $files = GameFiles::among(
            array_values(array_map(static fn (Asset $asset): string => $asset->file, $read->assets())),
        );

        return Check::of($read, self::BUDGET, $files, Words::ofSamples(), RequestEffort::begin(), $memo);
    }

    /** Where they are kept. */
    public static function keyOf(Game $game): string
    {
        return 'findings.'.self::SHAPE.'.'.App::getLocale().'.'.hash('sha256', $game->document);
    }

    /** What the look before found out of parts that may still be as they were. */
    private static function memoOf(Game $game): CheckMemo
    {
        $kept = Cache::get(self::memoKey($game));
        $known = is_string($kept) ? @unserialize($kept) : [];

        return new CheckMemo(is_array($known) ? $known : []);
    }

    private static function memoKey(Game $game): string
    {
        return 'findings.memo.'.self::SHAPE.".{$game->id}";
    }

    /** @return array{list<Told>, bool, list<string>} */
    private static function look(Game $game): array
    {
        $read = $game->read();
        $memo = self::memoOf($game);
        $report = self::checked($read, $memo);
        Cache::put(self::memoKey($game), serialize($memo->kept()), self::MEMO_KEPT);

        return [
            array_map(
                static fn (Finding $finding): array => [
                    'code' => $finding->code,
                    'severity' => $finding->severity->value,
                    'words' => Words::ofFinding($read, $finding),
                    'where' => $finding->where,
                    'mend' => $finding->mend?->toArray(),
                    'mendAs' => $finding->mendAs,
                    'actions' => $finding->actions,
                    'meant' => $finding->isMeant,
                ],
                $report->findings,
            ),
            $report->isProved,
            array_map(
                static fn (string $name): string => (string) __("workshop.findings.unlooked.{$name}"),
                $report->unlooked,
            ),
        ];
    }
}
