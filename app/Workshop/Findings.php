<?php

declare(strict_types=1);

namespace App\Workshop;

use App\Models\Game;
use App\Storage\GameFiles;
use Fravel\Check\Check;
use Fravel\Check\Finding;
use Fravel\Check\Severity;
use Fravel\Document\Asset;
use Illuminate\Support\Facades\Cache;

/** What the check says of a draft, in words; kept under the hash of its document, since the same document gives the same. */
final readonly class Findings
{
    /** States the check may look at while a page waits for it. */
    private const BUDGET = 20_000;

    private const KEPT = 30 * 24 * 3600;

    /**
     * @param  list<string>  $errors
     * @param  list<string>  $warnings
     */
    private function __construct(public array $errors, public array $warnings, public bool $isProved)
    {
    }

    public static function of(Game $game): self
    {
        /** @var array{list<string>, list<string>, bool} $kept */
        $kept = Cache::remember('findings.'.hash('sha256', $game->document), self::KEPT, static fn (): array => self::look($game));

        return new self(...$kept);
    }

    /** @return array{list<string>, list<string>, bool} */
    private static function look(Game $game): array
    {
        $read = $game->read();
        $files = GameFiles::among(array_values(array_map(static fn (Asset $asset): string => $asset->file, $read->assets())));
        $verdicts = Check::of($read, self::BUDGET, $files);
        $words = static fn (Severity $severity): array => array_values(array_map(
            static fn (Finding $finding): string => Words::ofFinding($finding),
            array_filter($verdicts->findings, static fn (Finding $finding): bool => $finding->severity === $severity),
        ));

        return [$words(Severity::Error), $words(Severity::Warning), $verdicts->isProved];
    }
}
