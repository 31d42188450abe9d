<?php

declare(strict_types=1);

namespace Fravel\Document\Answer\Matcher;

use Fravel\Document\Answer\Answer;
use Fravel\Support\Node;

/** `{"pattern": "regex"}`: the whole answer, trimmed and composed, in Perl's syntax with Unicode. */
final readonly class Pattern implements Matcher
{
    /** Steps the matching may take: far more than an honest pattern needs, and well under a millisecond's work. */
    private const EFFORT = 20000;

    private const LONGEST = 500;

    public function __construct(public string $pattern) {}

    public static function read(Node $node): self
    {
        $pattern = new self($node->text('pattern'));
        $fault = $pattern->fault();
        if ($fault !== null) {
            $node->problems->add('pattern.malformed', $node->pointer.'/pattern', ['fault' => $fault]);
        }

        return $pattern;
    }

    /** Too costly is no match. */
    public function matches(Answer $answer): bool
    {
        return $this->fault() === null && @preg_match($this->compiled(), $answer->raw()) === 1;
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
        error_clear_last();
        if (@preg_match($this->compiled(), '') !== false || preg_last_error() !== PREG_INTERNAL_ERROR) {
            return null;
        }
        $said = (string) preg_replace('/^.*Compilation failed: /', '', error_get_last()['message'] ?? 'malformed');
        $lead = strlen($this->lead());

        return (string) preg_replace_callback('/offset (\d+)/', static fn (array $m): string => 'position '.max(1, (int) $m[1] - $lead + 1), $said);
    }

    private function compiled(): string
    {
        return '~'.$this->lead().str_replace('~', '\x7E', $this->pattern).')\z~u';
    }

    private function lead(): string
    {
        return '(*LIMIT_MATCH='.self::EFFORT.')(*LIMIT_DEPTH='.self::EFFORT.')\A(?:';
    }
}
