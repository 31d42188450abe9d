<?php

declare(strict_types=1);

namespace App\CommandLine;

/** What stands behind a verb: places, and options that begin with two dashes. */
final readonly class Arguments
{
    /**
     * @param  list<string>  $places
     * @param  array<string, string|true>  $options
     */
    private function __construct(private array $places, private array $options)
    {
    }

    /**
     * @param  list<string>  $words
     * @param  list<string>  $valued  options that take the word behind them
     */
    public static function of(array $words, array $valued = []): self
    {
        [$places, $options] = [[], []];
        while ($words !== []) {
            $word = array_shift($words);
            if (! str_starts_with($word, '--')) {
                $places[] = $word;

                continue;
            }
            $name = substr($word, 2);
            $options[$name] = in_array($name, $valued, true) ? array_shift($words) ?? '' : true;
        }

        return new self($places, $options);
    }

    public function place(int $index): ?string
    {
        return $this->places[$index] ?? null;
    }

    public function option(string $name): ?string
    {
        $value = $this->options[$name] ?? null;

        return is_string($value) ? $value : null;
    }

    public function has(string $name): bool
    {
        return isset($this->options[$name]);
    }
}
