<?php

declare(strict_types=1);

namespace Fravel\Edit;

/** `{"insert": list, "in": part, "after": id or null, "value": {…}}` */
final readonly class InsertPart implements Command
{
    use Opens;

    public const LISTS = ['scenes', 'things', 'chapters', 'tokens', 'tallies', 'assets', 'walkthroughs'];

    /** @param  array<array-key, mixed>  $value */
    public function __construct(public string $list, public string $in, public ?string $after, public array $value)
    {
    }

    public function on(OpenDocument $open): Command|Refusal
    {
        if (! $open->has($this->in)) {
            return new Refusal('part.gone');
        }
        $id = $this->value['id'] ?? null;
        if (
            ! is_string($id) ||
            ! in_array($this->list, self::LISTS, true) ||
            ! ($this->list === 'things' ? $open->isScene($this->in) : $this->in === self::GAME)
        ) {
            return new Refusal('part.malformed');
        }
        if (! $open->givesNothingTwice($this->value)) {
            return new Refusal('id.taken', ['id' => $id]);
        }
        $hadList = $open->hasList($this->in, $this->list);
        $open->insert($this->list, $this->in, $this->after, $this->value);
        $remove = new RemovePart($id);

        return $hadList ? $remove : new Together([$remove, new DropEmptyList($this->in, $this->list)]);
    }

    public function touched(OpenDocument $open): array
    {
        return ['+'.(is_string($this->value['id'] ?? null) ? $this->value['id'] : '')];
    }

    public function toArray(): array
    {
        return ['insert' => $this->list, 'in' => $this->in, 'after' => $this->after, 'value' => $this->value];
    }
}
