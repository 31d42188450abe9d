<?php

declare(strict_types=1);

namespace Fravel\Document;

/** Gives parts of a document other ids, and every place that names them the new ones, marks in texts included. */
final readonly class Renaming
{
    private const GAP = '/(\{\{)|\{([a-z][a-z0-9_-]{0,39})\}/';

    /** @param  array<array-key, string>  $ids  old → new */
    public function __construct(private array $ids)
    {
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed> the same with the parts renamed, and all that refers to them
     */
    public function ofDocument(array $document): array
    {
        return $this->ofPart($this->referring($document, static fn (): bool => true));
    }

    /**
     * The document with what its references name renamed; the parts keep their ids.
     *
     * @param  array<array-key, mixed>  $document
     * @param  callable(Reference): bool  $isMeant
     * @return array<array-key, mixed>
     */
    public function referring(array $document, callable $isMeant): array
    {
        $renamed = $document;
        foreach (References::in($document) as $reference) {
            if (! isset($this->ids[$reference->id]) || ! $isMeant($reference)) {
                continue;
            }
            $slot = &$renamed;
            foreach ($reference->path as $key) {
                $slot = &$slot[$key];
            }
            $slot = $this->ids[$reference->id];
            unset($slot);
        }

        /** @var array<array-key, mixed> */
        return $renamed;
    }

    /**
     * The part with its own ids renamed, the marks of its gaps, and what its matchers name of them.
     *
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    public function ofPart(array $part): array
    {
        return $this->inner(CodeMarks::renamed($part, $this->ids));
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private function inner(array $part): array
    {
        foreach ($part as $key => $value) {
            if ($key === 'id' && is_string($value)) {
                $part[$key] = $this->ids[$value] ?? $value;
            } elseif (is_array($value)) {
                $part[$key] = match (true) {
                    $key === 'match' => $this->matching($value),
                    $key === 'input' && ($value['type'] ?? null) === 'gaps' => $this->gapped($value),
                    default => $this->inner($value),
                };
            }
        }

        return $part;
    }

    /**
     * @param  array<array-key, mixed>  $input
     * @return array<array-key, mixed>
     */
    private function gapped(array $input): array
    {
        $mark = fn (array $mark): string => isset($mark[2]) ? '{'.($this->ids[$mark[2]] ?? $mark[2]).'}' : $mark[0];

        return is_string($input['md'] ?? null)
            ? ['md' => preg_replace_callback(self::GAP, $mark, $input['md'])] + $input
            : $input;
    }

    /**
     * @param  array<array-key, mixed>  $matcher
     * @return array<array-key, mixed>
     */
    private function matching(array $matcher): array
    {
        $next = [];
        foreach ($matcher as $key => $value) {
            $holds = Walk::heldByMatcher((string) $key);
            $next[$key] = match (true) {
                ! is_array($value) => $value,
                $holds === 'parts' => array_map($this->named(...), $value),
                $holds === 'pairs' => array_map($this->named(...), $this->keyed($value)),
                $holds === 'gaps' => array_map(
                    fn (mixed $inner): mixed => is_array($inner) ? $this->matching($inner) : $inner,
                    $this->keyed($value),
                ),
                default => $this->matching($value),
            };
        }

        return $next;
    }

    private function named(mixed $id): mixed
    {
        return is_string($id) ? $this->ids[$id] ?? $id : $id;
    }

    /**
     * @param  array<array-key, mixed>  $parts
     * @return array<array-key, mixed>
     */
    private function keyed(array $parts): array
    {
        return array_combine(array_map($this->named(...), array_keys($parts)), $parts);
    }
}
