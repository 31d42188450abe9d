<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A text with gaps, marked `{gap-id}`, to be filled by typing or from a bank of words; `{{` is a plain brace. */
final readonly class Gaps implements Input
{
    use Composed;

    private const MARK = '/(\{\{)|\{([a-z][a-z0-9_-]{0,39})\}/';

    /** @param  list<string>  $bank */
    public function __construct(public string $md, public array $bank)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->text('md'), $node->texts('bank'));
    }

    public static function schema(): array
    {
        return ['md' => ['type' => 'string'], 'bank' => ['type' => 'array', 'items' => ['type' => 'string']]];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return self::marked($this->md);
    }

    /** @return list<string> ids of the gaps in a text */
    public static function marked(string $md): array
    {
        preg_match_all(self::MARK, $md, $marks);

        return array_values(array_unique(array_filter($marks[2], static fn (string $id): bool => $id !== '')));
    }

    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal
    {
        if (! is_array($sent) || ($sent !== [] && array_is_list($sent))) {
            return Refusal::malformed();
        }
        $ids = $this->ids();
        $filled = [];
        foreach ($sent as $gap => $word) {
            if (! in_array($gap, $ids, true) || ! is_string($word) || mb_strlen($word) > Text::LONGEST) {
                return Refusal::malformed();
            }
            if (Cleaning::trim($word) !== '') {
                $filled[$gap] = $word;
            }
        }
        if ($filled === []) {
            return Refusal::blank();
        }

        return count($filled) === count($ids) ? new Answer($filled, $cleaning) : Refusal::incomplete();
    }

    public function ways(): ?float
    {
        return $this->bank === [] ? null : (float) count($this->bank) ** count($this->ids());
    }

    /** The text in pieces: words as they are, and gaps by their ids. */
    public function shown(Showing $showing, string $lock): array
    {
        $pieces = [];
        [$from, $count] = [0, 0];
        preg_match_all(self::MARK, $this->md, $marks, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($marks as $mark) {
            $pieces[] = ['md' => $showing->fill(substr($this->md, $from, $mark[0][1] - $from))];
            $pieces[] = isset($mark[2]) ? ['gap' => $mark[2][0], 'number' => ++$count] : ['md' => '{'];
            $from = $mark[0][1] + strlen($mark[0][0]);
        }
        $pieces[] = ['md' => $showing->fill(substr($this->md, $from))];

        return ['type' => 'gaps', 'pieces' => $pieces, 'bank' => $this->mixed($showing, $lock)];
    }

    /** @return list<string> words of the bank in an order of this play's own: as they are written they tell the gaps */
    private function mixed(Showing $showing, string $lock): array
    {
        $draw = static fn (string $word): string => hash('sha256', "{$showing->state->seed}|{$lock}|{$word}");
        $bank = $this->bank;
        usort($bank, static fn (string $one, string $other): int => $draw($one) <=> $draw($other));

        return $bank;
    }

    public function every(int $most): ?array
    {
        return null;
    }

    /** Words of a bank are taken as they stand there. */
    public function isTypedInParts(): bool
    {
        return $this->bank === [];
    }

    public function entry(): Entry
    {
        return Entry::Picks;
    }

    public function parts(): array
    {
        return array_combine($this->ids(), $this->ids());
    }

    /** @return array<string, string> */
    private function drawn(int $number): array
    {
        return array_fill_keys($this->ids(), str_repeat('z', 4 + $number));
    }
}
