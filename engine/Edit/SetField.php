<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"set": part, "field": name, "to": value}`; without `to` the field is taken away. */
final readonly class SetField implements Command
{
    use Opens;

    /** Ids never change, and parts come and go by commands of their own. */
    private const FIXED = ['id', 'things', 'scenes', 'fravel'];

    /**
     * @param  bool  $isThere  whether the field is to be there at all
     * @param  string|null  $before  the field it stands before; last when null
     */
    public function __construct(
        public string $part,
        public string $field,
        public mixed $to,
        public bool $isThere = true,
        public ?string $before = null,
    ) {
    }

    public function on(OpenDocument $open): Command|Refusal
    {
        if (in_array($this->field, self::FIXED, true)) {
            return new Refusal('field.fixed', ['field' => $this->field]);
        }
        if (! $open->has($this->part)) {
            return new Refusal('part.gone');
        }
        $fields = $open->fieldsOf($this->part);
        $inverse = $this->inverse($fields, $open->field($this->part, $this->field));
        $open->change($this->part, $this->field, $this->changed($fields));

        return $inverse;
    }

    public function touched(OpenDocument $open): array
    {
        return ["{$this->part}.{$this->field}"];
    }

    public function toArray(): array
    {
        return ['set' => $this->part, 'field' => $this->field] +
            ($this->isThere ? ['to' => $this->to] : []) +
            ($this->before === null ? [] : ['before' => $this->before]);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private function changed(array $part): array
    {
        if (! $this->isThere) {
            unset($part[$this->field]);

            return $part;
        }
        if (
            $this->before === null ||
            array_key_exists($this->field, $part) ||
            ! array_key_exists($this->before, $part)
        ) {
            $part[$this->field] = $this->to;

            return $part;
        }
        $place = (int) array_search($this->before, array_keys($part), true);

        return array_slice($part, 0, $place, true) + [$this->field => $this->to] + $part;
    }

    /** @param  array<array-key, mixed>  $part */
    private function inverse(array $part, mixed $value): self
    {
        if (! array_key_exists($this->field, $part)) {
            return new self($this->part, $this->field, null, false);
        }
        $keys = array_keys($part);
        $next = $keys[(int) array_search($this->field, $keys, true) + 1] ?? null;

        return new self(
            $this->part,
            $this->field,
            $value,
            true,
            $this->isThere || $next === null ? null : (string) $next,
        );
    }
}
