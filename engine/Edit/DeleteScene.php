<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\GameDocument;
use Fravel\Document\Reference;
use Fravel\Document\References;

/** `{"deleteScene": scene, "lead": other or null}`: what led there leads to the other, or is left an open end. */
final class DeleteScene
{
    /** @param  array<array-key, mixed>  $sent */
    public static function read(array $sent, GameDocument $game): ?Command
    {
        return self::readAll([$sent], $game);
    }

    /**
     * Deletions in a row, as one command.
     *
     * @param  non-empty-list<mixed>  $sent
     */
    public static function readAll(array $sent, GameDocument $game): ?Command
    {
        $leads = [];
        foreach ($sent as $entry) {
            $scene = is_array($entry) ? $entry['deleteScene'] ?? null : null;
            $lead = is_array($entry) ? $entry['lead'] ?? null : null;
            if (! is_string($scene) || ! (is_string($lead) || $lead === null)) {
                return null;
            }
            $leads[$scene] = $lead;
        }

        return self::several($game, $leads);
    }

    public static function of(GameDocument $game, string $scene, ?string $lead): Together
    {
        return self::several($game, [$scene => $lead]);
    }

    /**
     * Several, one after the other: what led to one that another takes the place of leads on when that one goes too.
     *
     * @param  array<string, string|null>  $leads  scene → where what led there shall lead, in the order of going
     */
    public static function several(GameDocument $game, array $leads): Together
    {
        $leads = self::withStops($game, $leads);
        $document = $game->document;
        $changed = [];
        foreach (References::in($document) as $reference) {
            $scene = $game->destination($reference->id) ?? $reference->id;
            if (! self::isWayTo($reference, $scene, $leads)) {
                continue;
            }
            $lead =
                self::end($scene, $leads) ??
                ($reference->path === ['start'] ? self::firstOther($game, $leads) : '');
            $slot = &$document;
            foreach ($reference->path as $key) {
                $slot = &$slot[$key];
            }
            $slot = $lead;
            unset($slot);
            $changed[] = $reference;
        }
        $removals = array_map(
            static fn (string|int $scene): RemovePart => new RemovePart((string) $scene),
            array_keys($leads),
        );

        /** @var array<array-key, mixed> $document */
        return new Together([...self::changedFields($document, $changed), ...$removals]);
    }

    /**
     * A film that goes takes its stops along.
     *
     * @param  array<string, string|null>  $leads
     * @return array<string, string|null>
     */
    private static function withStops(GameDocument $game, array $leads): array
    {
        foreach ($game->films()->ways() as [$home, $stop]) {
            if (array_key_exists($home, $leads) && ! array_key_exists($stop, $leads)) {
                $leads = [$stop => $leads[$home]] + $leads;
            }
        }

        return $leads;
    }

    /**
     * @param  string  $scene  where the reference leads
     * @param  array<string, string|null>  $leads
     */
    private static function isWayTo(Reference $reference, string $scene, array $leads): bool
    {
        return $reference->kind === 'scene' &&
            array_key_exists($scene, $leads) &&
            ($reference->isRoute || $reference->scene === null) &&
            ($reference->scene === null || ! array_key_exists($reference->scene, $leads));
    }

    /**
     * Where a way ends up; null for nowhere. One that leads to a scene that went before is as good as open.
     *
     * @param  array<string, string|null>  $leads
     */
    private static function end(string $scene, array $leads): ?string
    {
        $order = array_flip(array_keys($leads));
        for ($at = $scene; array_key_exists($at, $leads); $at = $lead) {
            $lead = $leads[$at];
            if ($lead === null || (isset($order[$lead]) && $order[$lead] <= $order[$at])) {
                return null;
            }
        }

        return $at;
    }

    /** @param  array<string, string|null>  $leads */
    private static function firstOther(GameDocument $game, array $leads): string
    {
        return array_values(array_diff($game->sceneIds(), array_map(strval(...), array_keys($leads))))[0] ?? '';
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<Reference>  $references
     * @return list<SetField>
     */
    private static function changedFields(array $document, array $references): array
    {
        $fields = [];
        foreach ($references as $reference) {
            $owner = array_slice($reference->path, 0, self::depthOfOwner($reference->path));
            $field = (string) $reference->path[count($owner)];
            $id = $owner === [] ? Command::GAME : DocumentPath::get($document, [...$owner, 'id']);
            $fields[implode('/', $owner).'/'.$field] = new SetField(
                is_string($id) ? $id : '',
                $field,
                DocumentPath::get($document, [...$owner, $field]),
            );
        }

        return array_values($fields);
    }

    /** @param  list<string|int>  $path */
    private static function depthOfOwner(array $path): int
    {
        return match (true) {
            count($path) === 1 => 0,
            ($path[2] ?? null) === 'things' => 4,
            default => 2,
        };
    }
}
