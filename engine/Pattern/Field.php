<?php

declare(strict_types=1);

namespace Fravel\Pattern;

/** One thing a pattern asks for. */
final readonly class Field
{
    /**
     * @param  list<string>  $columns  names of the columns of a table, or of the choices
     * @param  int  $least  rows, or the smallest number
     * @param  list<string>  $lacking  columns without which a row of a table is left out
     * @param  bool  $isOpen  whether the last column may come as often as anybody wants
     */
    private function __construct(
        public string $name,
        public FieldKind $kind,
        public bool $isNeeded,
        public array $columns = [],
        public int $least = 0,
        public array $lacking = [],
        public bool $isOpen = false,
    ) {
    }

    /** @param  list<string>  $columns */
    public static function questions(
        string $name,
        array $columns = ['question', 'answer', 'wrong'],
        int $least = 1,
    ): self {
        return new self($name, FieldKind::Questions, true, $columns, $least);
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>|null  $lacking  columns without which a row is left out; the first where none is said
     */
    public static function table(
        string $name, array $columns, int $least = 1, ?array $lacking = null, bool $isOpen = false,
    ): self {
        return new self($name, FieldKind::Table, true, $columns, $least, $lacking ?? [$columns[0]], $isOpen);
    }

    public static function text(string $name, bool $isNeeded = false): self
    {
        return new self($name, FieldKind::Text, $isNeeded);
    }

    public static function line(string $name, bool $isNeeded = false): self
    {
        return new self($name, FieldKind::Line, $isNeeded);
    }

    public static function number(string $name, int $least): self
    {
        return new self($name, FieldKind::Number, false, [], $least);
    }

    /** @param  non-empty-list<string>  $choices  the first is usual */
    public static function choice(string $name, array $choices): self
    {
        return new self($name, FieldKind::Choice, false, $choices);
    }

    public static function picture(string $name): self
    {
        return new self($name, FieldKind::Picture, false);
    }

    public static function cells(string $name): self
    {
        return new self($name, FieldKind::Cells, true);
    }

    public static function pictures(string $name): self
    {
        return new self($name, FieldKind::Pictures, false);
    }

    /** @return array{name: string, kind: string, needed: bool, columns: list<string>} */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind->value,
            'needed' => $this->isNeeded,
            'columns' => $this->columns,
        ];
    }
}
