<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

use Fravel\Answer\Answer;
use Fravel\Answer\Input\Input;
use Fravel\Answer\Number;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Weight;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/** `{"form": "email" | "web" | "date" | "time" | "whole" | "decimal"}` */
final readonly class Form implements Matcher
{
    use AsTyped;
    use NoNumber;
    use Single;

    private const EXAMPLES = [
        'email' => 'mia@skerrypoint.example',
        'web' => 'https://skerrypoint.example',
        'date' => '2024-05-17',
        'time' => '12:30',
        'whole' => '7',
        'decimal' => '7.5',
    ];

    public function __construct(public string $form)
    {
    }

    public static function read(Node $node): self
    {
        return new self($node->oneOf('form', ['email', 'web', 'date', 'time', 'whole', 'decimal'], 'email'));
    }

    public static function schema(): array
    {
        return ['form' => ['enum' => ['email', 'web', 'date', 'time', 'whole', 'decimal']]];
    }

    public function matches(Answer $answer): bool
    {
        $text = $answer->raw();

        return match ($this->form) {
            'web' => preg_match('~^https?://[^\s/?#.]+(?:\.[^\s/?#.]+)+(?:[/?#]\S*)?$~uDi', $text) === 1,
            'date' => self::isDate($text),
            'time' => preg_match('/^(?:[01]?\d|2[0-3])[:.h][0-5]\d(?:[:.][0-5]\d)?$/D', $text) === 1,
            'whole' => Number::read($text, $answer->cleaning->language)?->getDenominator()->isEqualTo(1) ?? false,
            'decimal' => Number::read($text, $answer->cleaning->language) !== null,
            default => filter_var($text, FILTER_VALIDATE_EMAIL, FILTER_FLAG_EMAIL_UNICODE) !== false,
        };
    }

    /** Year first, or day and month in either order before the year, as long as there is such a day. */
    private static function isDate(string $text): bool
    {
        if (preg_match('~^(\d{4})-(\d{1,2})-(\d{1,2})$~D', $text, $part) === 1) {
            return checkdate((int) $part[2], (int) $part[3], (int) $part[1]);
        }
        if (preg_match('~^(\d{1,2})([./-]) ?(\d{1,2})\2 ?(\d{4})$~D', $text, $part) !== 1) {
            return false;
        }
        [$first, $second, $year] = [(int) $part[1], (int) $part[3], (int) $part[4]];

        return checkdate($second, $first, $year) || checkdate($first, $second, $year);
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
        return [self::EXAMPLES[$this->form]];
    }

    public function names(Input $input): array
    {
        return [];
    }

    public function covers(Matcher $other, Comparing $parts): bool
    {
        return $other == $this || ($other instanceof self && $this->form === 'decimal' && $other->form === 'whole');
    }

    public function weight(int $longest): int
    {
        return Weight::BASE + intdiv($longest, 10);
    }

    public function said(): Wording
    {
        return new Wording('matcher.form', ['form' => $this->form]);
    }
}
