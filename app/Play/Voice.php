<?php

declare(strict_types=1);

namespace App\Play;

use Fravel\Answer\Input\Inputs;
use Fravel\Thing\Lock;

/**
 * How a game speaks of an answer where its teacher wrote no words: by what was asked, in the game's own wordings or
 * those of its language, which take turns.
 */
final readonly class Voice
{
    /** Answers that are not one yet. */
    private const UNFINISHED = ['answer.blank', 'answer.incomplete', 'answer.malformed'];

    public function __construct(private CompiledEdition $edition)
    {
    }

    /**
     * The first word of a verdict; none where nobody was right or wrong, or where what is said begins with it already.
     *
     * @param  list<string>  $said  as HTML
     */
    public function head(string $lock, string $verdict, array $said): string
    {
        $name = $this->nameOf($lock, $verdict);
        $head = in_array($name, [Lock::NOTED, Lock::WAITING], true) ? '' : (string) __("play.verdict.{$name}");
        $bare = static fn (string $text): string => mb_strtolower(trim(strip_tags($text), " \n.!"));
        $first = $bare($said[0] ?? '');
        // "Open. Right." says one thing twice.
        $isVerdict = in_array($first, array_map($bare, array_values((array) __('play.verdict'))), true);

        return $head !== '' && ($isVerdict || str_starts_with($first, $bare($head))) ? '' : $head;
    }

    /** What is said to an answer of which the teacher says nothing; another wording at each try. */
    public function words(string $lock, string $verdict, int $tries): string
    {
        $name = $this->nameOf($lock, $verdict);
        $wordings = ($this->edition->game->voice()[$name] ?? []) ?: (array) __("play.voice.{$name}");

        return (string) $wordings[self::turn($verdict, $tries) % count($wordings)];
    }

    /**
     * Why nothing was done; what a lock says that is not ready may be the game's own words.
     *
     * @param  array{reason: string, arguments: array<string, string|int>}  $refusal
     * @param  string  $on  the lock that was answered, if it was one
     */
    public function refusal(array $refusal, int $turn, string $on = ''): string
    {
        $unfinished = in_array($refusal['reason'], self::UNFINISHED, true)
            ? $this->unfinished($on, $refusal['reason'])
            : null;
        if ($unfinished !== null) {
            return $unfinished;
        }
        $own = $refusal['reason'] === 'lock.not-ready' ? $this->edition->game->voice()['notReady'] : [];

        return $own === []
            ? (string) __('play.refused.'.$refusal['reason'], $refusal['arguments'])
            : $own[$turn % count($own)];
    }

    /** What an answer of this kind still lacks; null where that can't be said. */
    private function unfinished(string $on, string $reason): ?string
    {
        $lock = $this->edition->game->lock($on);
        $kind = $lock === null || $lock->rounds !== []
            ? false
            : array_search($lock->input::class, Inputs::kinds(), true);
        $isTyped = in_array($kind, ['text', 'long', 'number'], true);
        if (! is_string($kind) || $isTyped && $reason === 'answer.malformed') {
            return null;
        }
        $key = "play.refused.unfinished.{$kind}";
        $words = __($key, ['count' => $lock->input->length ?? 0]);

        return is_string($words) && $words !== $key ? $words : null;
    }

    /** Whether a verdict is shown by its mark: a matter of opinion has none. */
    public function isMarked(string $lock, string $verdict = ''): bool
    {
        return $verdict !== Lock::WAITING && $this->edition->game->lock($lock)?->tells() !== Lock::NOTED;
    }

    /** Which wording's turn it is: the first at the first try, whatever came of it. */
    public static function turn(string $verdict, int $tries): int
    {
        return max(0, $verdict === 'open' ? $tries : $tries - 1);
    }

    /** The verdict as this lock tells it: `open`, `right`, `almost`, `wrong` or `noted`. */
    public function nameOf(string $lock, string $verdict): string
    {
        if ($verdict === Lock::WAITING) {
            return $verdict;
        }
        $tells = $this->edition->game->lock($lock)?->tells() ?? 'right';

        return $tells === Lock::NOTED ? 'noted' : ($verdict === 'open' ? $tells : $verdict);
    }
}
