<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"pattern": "regex"}`: the whole answer, trimmed and composed, in Perl's syntax with Unicode. */
final readonly class Pattern implements Matcher
{
    use AsTyped;
    use NoNumber;
    use Single;

    /** Steps the matching may take: far more than an honest pattern needs, and well under a millisecond's work. */
    private const EFFORT = 20000;

    private const LONGEST = 500;

    public function __construct(public string $pattern)
    {
    }

    public static function read(Node $node): self
    {
        $pattern = new self($node->text('pattern'));
        $fault = $pattern->fault();
        if ($fault !== null) {
            $node->problems->add('pattern.malformed', $node->pointer.'/pattern', ['fault' => $fault]);
        }

        return $pattern;
    }

    public static function schema(): array
    {
        return ['pattern' => ['type' => 'string', 'maxLength' => 500]];
    }

    /** Too costly is no match. */
    public function matches(Answer $answer): bool
    {
        return $this->fault() === null && preg_match($this->compiled(), $answer->raw()) === 1;
    }

    /** Why the pattern can't be used, with the position, or null. */
    private function fault(): ?string
    {
        if (mb_strlen($this->pattern) > self::LONGEST) {
            return 'longer than '.self::LONGEST.' characters';
        }
        if (str_starts_with($this->pattern, '(*')) {
            return 'begins with (*';
        }
        // By itself first, so that no bracket of it closes ours, and for the position; then as it will be used.
        foreach (['~'.str_replace('~', '\x7E', $this->pattern).'~u', $this->compiled()] as $whole) {
            $warning = self::warning($whole);
            if ($warning !== null) {
                return self::told($warning);
            }
        }

        return null;
    }

    /** What PHP says against a pattern; it says it as a warning and in no other way. */
    private static function warning(string $whole): ?string
    {
        $warning = null;
        set_error_handler(static function (int $level, string $message) use (&$warning): bool {
            $warning = $message;

            return true;
        });
        preg_match($whole, '');
        restore_error_handler();

        return $warning;
    }

    private static function told(string $warning): string
    {
        $said = (string) preg_replace('/^.*Compilation failed: /', '', $warning);

        return (string) preg_replace_callback(
            '/offset (\d+)/',
            static fn (array $part): string => 'position '.((int) $part[1] + 1),
            $said,
        );
    }

    private function compiled(): string
    {
        return '~(*LIMIT_MATCH='.
            self::EFFORT.
            ')(*LIMIT_DEPTH='.
            self::EFFORT.
            ')\A(?:'.
            str_replace('~', '\x7E', $this->pattern).
            ')\z~u';
    }

    public function probe(Probes $probes): void
    {
        foreach ($this->samples() as $sample) {
            $probes->answer($sample);
        }
        $probes->giveUp();
    }

    public function samples(): array
    {
        return $this->fault() === null ? PatternSamples::of($this->pattern) : [];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this;
    }

    public function weight(int $longest): int
    {
        return Weight::PATTERN;
    }

    public function said(): Wording
    {
        return new Wording('matcher.pattern', ['words' => $this->pattern]);
    }
}
