<?php

declare(strict_types=1);

namespace Fravel\Answer\Term;

use Brick\Math\BigRational;

/**
 * Reads a term as it is typed: `2(x + 3)`, `2·x²`, `x2` (the square of x), `1/2 x` (half of x: times and by from left
 * to right, whether written or not). Letters are single; a decimal has a point or a comma.
 * Functions such as sin are not read.
 */
final class Reader
{
    public const LONGEST = 200;

    private const DEPTH = 20;

    /** What would be read as letters that are multiplied. */
    private const FUNCTIONS = '/sin|cos|tan|log|ln|exp|sqrt|root|wurzel/i';

    private const RAISED = [
        '⁰' => '0', '¹' => '1', '²' => '2', '³' => '3', '⁴' => '4', '⁵' => '5', '⁶' => '6', '⁷' => '7', '⁸' => '8',
        '⁹' => '9', '⁻' => '-', 'ⁿ' => 'n',
    ];

    private const PARTS = [
        '½' => '1/2', '⅓' => '1/3', '⅔' => '2/3', '¼' => '1/4', '¾' => '3/4', '⅕' => '1/5', '⅖' => '2/5',
        '⅗' => '3/5', '⅘' => '4/5', '⅙' => '1/6', '⅚' => '5/6', '⅛' => '1/8', '⅜' => '3/8', '⅝' => '5/8', '⅞' => '7/8',
    ];

    private const SIGNS = [
        '·' => '*', '⋅' => '*', '∙' => '*', '×' => '*', '✕' => '*', '÷' => '/', ':' => '/', '⁄' => '/', '∕' => '/',
        '[' => '(', ']' => ')', '{' => '(', '}' => ')', '**' => '^', '＋' => '+',
    ];

    private int $place = 0;

    private int $depth = 0;

    /** @param  list<string>  $tokens */
    private function __construct(private readonly array $tokens)
    {
    }

    /** Null for what is no such term. */
    public static function read(string $text): ?Term
    {
        if (mb_strlen($text) > self::LONGEST || preg_match(self::FUNCTIONS, $text) === 1) {
            return null;
        }
        $tokens = self::tokens($text);
        if ($tokens === null || $tokens === []) {
            return null;
        }
        $reader = new self($tokens);
        $term = $reader->sum();

        return $reader->place === count($tokens) ? $term : null;
    }

    /**
     * Numbers, letters and signs.
     *
     * @return list<string>|null null where there is anything else
     */
    private static function tokens(string $text): ?array
    {
        $raised = implode('', array_keys(self::RAISED));
        $parts = implode('', array_keys(self::PARTS));
        $text = (string) preg_replace('/[\-\x{2010}-\x{2015}\x{2212}\x{FE58}\x{FE63}\x{FF0D}]/u', '-', $text);
        $text = (string) preg_replace_callback(
            "/[{$raised}]+/u", static fn (array $run): string => '^('.strtr($run[0], self::RAISED).')', $text,
        );
        $text = (string) preg_replace_callback(
            "/(\d+)?\s*([{$parts}])/u",
            static fn (array $run): string => '('.($run[1] === '' ? '' : "{$run[1]}+").self::PARTS[$run[2]].')', $text,
        );
        $text = (string) preg_replace('/(?<=\p{L})(?=\d)/u', '^', strtr($text, self::SIGNS));
        $isRead = preg_match_all('/\G\s*(\d+(?:[.,]\d+)?|\p{L}|[-+*\/^()])\s*/u', $text, $found);

        return $isRead > 0 && implode('', $found[0]) === $text ? $found[1] : null;
    }

    private function sum(): ?Term
    {
        if (++$this->depth > self::DEPTH) {
            return null;
        }
        $parts = [];
        do {
            $sign = $parts === [] && ! $this->isAny('+', '-') ? '+' : $this->taken();
            $part = $this->product();
            if ($part === null) {
                return null;
            }
            $parts[] = $sign === '-' ? new Opposite($part) : $part;
        } while ($this->isAny('+', '-'));
        $this->depth--;

        return count($parts) === 1 ? $parts[0] : new Sum($parts);
    }

    private function product(): ?Term
    {
        $term = $this->power();
        while ($term !== null && ! $this->isAny('', '+', '-', ')')) {
            $sign = $this->isAny('*', '/') ? $this->taken() : '';
            // Two numbers beside each other are no product.
            if ($sign === '' && preg_match('/^\d/', $this->next()) === 1) {
                return null;
            }
            $isOpposite = $sign !== '' && $this->isAny('-') && $this->taken() === '-';
            $part = $this->power();
            if ($part === null) {
                return null;
            }
            $part = $isOpposite ? new Opposite($part) : $part;
            $term = match (true) {
                $sign === '/' => new Quotient($term, $part),
                $term instanceof Product => new Product([...$term->of, $part]),
                default => new Product([$term, $part]),
            };
        }

        return $term;
    }

    private function power(): ?Term
    {
        $base = $this->atom();
        if ($base === null || ! $this->isAny('^')) {
            return $base;
        }
        $this->taken();
        $isOpposite = $this->isAny('-') && $this->taken() === '-';
        $exponent = ++$this->depth > self::DEPTH ? null : $this->power();
        $this->depth--;

        return $exponent === null ? null : new Power($base, $isOpposite ? new Opposite($exponent) : $exponent);
    }

    private function atom(): ?Term
    {
        $token = $this->taken();
        if (preg_match('/^\d/', $token) === 1) {
            return new Figure(BigRational::of(str_replace(',', '.', $token))->simplified());
        }
        if (preg_match('/^\p{L}$/u', $token) === 1) {
            return new Letter($token);
        }
        $term = $token === '(' ? $this->sum() : null;

        return $term !== null && $this->taken() === ')' ? $term : null;
    }

    private function isAny(string ...$tokens): bool
    {
        return in_array($this->next(), $tokens, true);
    }

    /** '' at the end. */
    private function next(): string
    {
        return $this->tokens[$this->place] ?? '';
    }

    private function taken(): string
    {
        return $this->tokens[$this->place++] ?? '';
    }
}
