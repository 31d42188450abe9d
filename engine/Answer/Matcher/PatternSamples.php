<?php

declare(strict_types=1);

namespace Fravel\Answer\Matcher;

/**
 * Texts that a regular expression is likely to match: the shortest of each of its first alternatives, made by reading
 * it once from left to right. What it can't read (looks ahead and behind, references back) it leaves out, so each must
 * be tried.
 *
 * @internal
 */
final class PatternSamples
{
    /** Texts at most, and bytes of one: no answer is longer. */
    private const MOST = 12;

    private const LONGEST = 2000;

    private const CLASSES = [
        'd' => '7',
        'D' => 'x',
        'w' => 'x',
        'W' => '!',
        's' => ' ',
        'S' => 'x',
        'n' => "\n",
        't' => "\t",
        'h' => ' ',
        'R' => "\n",
        'X' => 'x',
        'b' => '',
        'B' => '',
        'A' => '',
        'z' => '',
        'Z' => '',
        'K' => '',
    ];

    private const PROPERTIES = ['N' => '7', 'P' => '!', 'Z' => ' ', 'S' => '+'];

    private int $at = 0;

    /** @param  list<string>  $signs */
    private function __construct(private readonly array $signs)
    {
    }

    /** @return list<string> */
    public static function of(string $pattern): array
    {
        return array_values(array_unique((new self(mb_str_split($pattern)))->alternatives()));
    }

    /** @return list<string> */
    private function alternatives(): array
    {
        $all = [];
        do {
            array_push($all, ...$this->sequence());
        } while ($this->takes('|'));

        return array_slice($all, 0, self::MOST);
    }

    /** @return list<string> */
    private function sequence(): array
    {
        $texts = [''];
        while (isset($this->signs[$this->at]) && ! in_array($this->signs[$this->at], ['|', ')'], true)) {
            $pieces = $this->repeated($this->piece());
            $next = [];
            foreach ($texts as $text) {
                foreach ($pieces as $piece) {
                    $next[] = substr($text.$piece, 0, self::LONGEST);
                }
            }
            $texts = array_slice($next, 0, self::MOST);
        }

        return $texts;
    }

    /** @return list<string> */
    private function piece(): array
    {
        $sign = $this->signs[$this->at++];

        return match ($sign) {
            '(' => $this->group(),
            '[' => [$this->listed()],
            '\\' => [$this->escaped()],
            '.' => ['x'],
            '^', '$' => [''],
            default => [$sign],
        };
    }

    /** @return list<string> */
    private function group(): array
    {
        $opening = implode('', array_slice($this->signs, $this->at, 40));
        if (preg_match('/^\?(?:[:>|]|P?<[A-Za-z_]\w*>|[a-zA-Z-]*:)/', $opening, $head) === 1) {
            $this->at += mb_strlen($head[0]);
            $inner = $this->alternatives();
        } elseif (str_starts_with($opening, '?')) {
            $this->alternatives();
            $inner = [''];
        } else {
            $inner = $this->alternatives();
        }
        $this->takes(')');

        return $inner;
    }

    /** A sign of a class in brackets; of one that is denied, the first that is likely not in it. */
    private function listed(): string
    {
        $isDenied = $this->takes('^');
        $members = [];
        for (
            $first = true;
            isset($this->signs[$this->at]) && ($first || $this->signs[$this->at] !== ']');
            $first = false
        ) {
            if ($this->signs[$this->at] === '\\') {
                $this->at++;
                $members[] = $this->escaped();
            } elseif ($this->signs[$this->at] === '[' && ($this->signs[$this->at + 1] ?? '') === ':') {
                $end = array_search(']', array_slice($this->signs, $this->at), true);
                $members[] = str_contains(implode('', array_slice($this->signs, $this->at, 10)), 'digit') ? '7' : 'x';
                $this->at += $end === false ? 1 : (int) $end + 1;
            } else {
                $members[] = $this->signs[$this->at++];
            }
        }
        $this->at++;

        return $isDenied ? array_values(array_diff(['x', '7', ' ', '!', 'é'], $members))[0] ?? '' : $members[0] ?? '';
    }

    private function escaped(): string
    {
        $sign = $this->next();
        if ($sign === 'p' || $sign === 'P') {
            $name = $this->takes('{') ? $this->until('}') : $this->next();

            return $sign === 'P' ? '!' : self::PROPERTIES[$name[0] ?? ''] ?? (str_starts_with($name, 'Lu') ? 'X' : 'x');
        }
        if ($sign === 'x') {
            return (string) mb_chr((int) hexdec($this->takes('{') ? $this->until('}') : $this->next().$this->next()));
        }

        return self::CLASSES[$sign] ?? $sign;
    }

    private function until(string $end): string
    {
        for ($read = ''; isset($this->signs[$this->at]) && $this->signs[$this->at] !== $end; $this->at++) {
            $read .= $this->signs[$this->at];
        }
        $this->at++;

        return $read;
    }

    /**
     * @param  list<string>  $pieces
     * @return list<string> as often as it must at least; once too where it need not be there
     */
    private function repeated(array $pieces): array
    {
        $ahead = implode('', array_slice($this->signs, $this->at, 12));
        if (preg_match('/^(?:([*?+])|\{(\d*)(?:,\d*)?\})[?+]?/', $ahead, $times) !== 1 || $times[0] === '{}') {
            return $pieces;
        }
        $this->at += strlen($times[0]);
        $least = $times[1] === '' ? (int) $times[2] : ($times[1] === '+' ? 1 : 0);
        $often = array_map(
            static fn (string $piece): string => str_repeat(
                $piece,
                min($least, intdiv(self::LONGEST, max(1, strlen($piece)))),
            ),
            $pieces,
        );

        return $least === 0 ? ['', ...$pieces] : $often;
    }

    private function next(): string
    {
        $sign = $this->signs[$this->at] ?? '';
        $this->at++;

        return $sign;
    }

    private function takes(string $sign): bool
    {
        if (($this->signs[$this->at] ?? null) !== $sign) {
            return false;
        }
        $this->at++;

        return true;
    }
}
