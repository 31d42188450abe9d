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

/**
 * What the check says of a draft, in words; kept under the hash of its document, since the same document gives the same.
 *
 * @phpstan-type Told array{code: string, severity: string, words: string, where: list<string>, mend: array<string, mixed>|null, actions: list<array<string, mixed>>}
 */
final readonly class Findings
{
    /** States the check may look at while a page waits for it. */
    private const BUDGET = 20_000;

    private const KEPT = 30 * 24 * 3600;

    /** Changes when what is kept has another shape. */
    private const SHAPE = 3;

    /** @var list<string> */
    public array $errors;

    /** @var list<string> */
    public array $warnings;

    /** @param  list<Told>  $all */
    private function __construct(public array $all, public bool $isProved)
    {
        $words = static fn (Severity $severity): array => array_column(array_filter($all, static fn (array $told): bool => $told['severity'] === $severity->value), 'words');
        $this->errors = $words(Severity::Error);
        $this->warnings = $words(Severity::Warning);
    }

    /** @return list<string> what was begun and left, in words */
    public function leftOver(): array
    {
        return array_column(array_filter($this->all, static fn (array $told): bool => in_array($told['code'], ['text.sample', 'scene.empty', 'route.open'], true)), 'words');
    }

    public static function of(Game $game): self
    {
        /** @var array{list<Told>, bool} $kept */
        $kept = Cache::remember(self::keyOf($game), self::KEPT, static fn (): array => self::look($game));

        return new self(...$kept);
    }

    /** Where they are kept. */
    public static function keyOf(Game $game): string
    {
        return 'findings.'.self::SHAPE.'.'.hash('sha256', $game->document);
    }

    /** @return list<string> the words that new things begin with */
    private static function samples(): array
    {
        return array_map(static fn (string $key): string => (string) __($key), ['workshop.newText', 'workshop.newAsk', 'games.blank_text']);
    }

    /** @return array{list<Told>, bool} */
    private static function look(Game $game): array
    {
        $read = $game->read();
        $files = GameFiles::among(array_values(array_map(static fn (Asset $asset): string => $asset->file, $read->assets())));
        $verdicts = Check::of($read, self::BUDGET, $files, self::samples());

        return [array_map(static fn (Finding $finding): array => [
            'code' => $finding->code,
            'severity' => $finding->severity->value,
            'words' => Words::ofFinding($finding),
            'where' => $finding->where,
            'mend' => $finding->mend?->toArray(),
            'actions' => $finding->actions,
        ], $verdicts->findings), $verdicts->isProved];
    }
}
