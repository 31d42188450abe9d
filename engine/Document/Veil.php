<?php

declare(strict_types=1);

namespace Fravel\Document;

/**
 * A document whose ids tell a student's device nothing: scenes, things, what answers are made of and gaps get drawn
 * ones, whatever they were called. Ids that were drawn already stay.
 */
final readonly class Veil
{
    private const STEM = 'p';

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, string>  $renamed  the id it had → the one it has here
     */
    private function __construct(public array $document, public array $renamed)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  callable(string): string  $bytes  eight or more for an id, which nobody who plays can foretell; the same
     *     for the same id
     */
    public static function over(array $document, callable $bytes): self
    {
        $shown = ['scenes' => $document['scenes'] ?? []];
        $taken = Ids::in($document);
        $renamed = [];
        foreach (array_map(strval(...), [...array_keys(Ids::in($shown)), ...self::gapsIn($shown)]) as $id) {
            if (Ids::isDrawn($id) || isset($renamed[$id])) {
                continue;
            }
            for ($number = 0, $new = ''; $new === '' || isset($taken[$new]); $number++) {
                $new = Ids::spelt(self::STEM, $bytes("{$id}|{$number}"));
            }
            $taken[$new] = $renamed[$id] = $new;
        }

        // Walkthroughs prove drafts; a student has no need of them, and a file that names every right answer less.
        unset($document['walkthroughs']);

        return new self((new Renaming($renamed))->ofDocument($document), $renamed);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return list<string>
     */
    private static function gapsIn(array $part): array
    {
        $ids =
            ($part['type'] ?? null) === 'gaps' && is_string($part['md'] ?? null)
                ? \Fravel\Answer\Input\Gaps::marked($part['md'])
                : [];
        foreach ($part as $inner) {
            if (is_array($inner)) {
                array_push($ids, ...self::gapsIn($inner));
            }
        }

        return $ids;
    }
}
