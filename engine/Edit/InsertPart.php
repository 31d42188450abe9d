<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;
use Fravel\Document\Ids;

/** `{"insert": list, "in": part, "after": id or null, "value": {…}}` */
final readonly class InsertPart implements Command
{
    public const LISTS = ['scenes', 'things', 'chapters', 'tokens', 'tallies', 'assets', 'walkthroughs'];

    /** @param  array<array-key, mixed>  $value */
    public function __construct(public string $list, public string $in, public ?string $after, public array $value)
    {
    }

    public function apply(Game $game): Edited|Refusal
    {
        $path = Tree::path($game->document, $this->in);
        if ($path === null) {
            return new Refusal('part.gone');
        }
        $id = $this->value['id'] ?? null;
        if (! is_string($id) || ! in_array($this->list, self::LISTS, true) || ($this->list === 'things') === ($this->in === self::GAME)) {
            return new Refusal('part.malformed');
        }
        if (array_intersect_key(Ids::in($this->value), Ids::in($game->document)) !== []) {
            return new Refusal('id.taken', ['id' => $id]);
        }
        /** @var array<array-key, mixed> $holder */
        $holder = Tree::get($game->document, $path);
        $entries = Tree::entries($holder, $this->list);
        array_splice($entries, Tree::placeAfter($entries, $this->after), 0, [$this->value]);
        $next = Game::of(Tree::put($game->document, [...$path, $this->list], $entries));

        return new Edited($next, $this->inverse($id, array_key_exists($this->list, $holder)));
    }

    public function touches(Game $game): array
    {
        return ['+'.(is_string($this->value['id'] ?? null) ? $this->value['id'] : '')];
    }

    public function toArray(): array
    {
        return ['insert' => $this->list, 'in' => $this->in, 'after' => $this->after, 'value' => $this->value];
    }

    private function inverse(string $id, bool $hadList): Command
    {
        $remove = new RemovePart($id);

        return $hadList ? $remove : new Together([$remove, new DropEmptyList($this->in, $this->list)]);
    }
}
