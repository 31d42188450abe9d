<?php

declare(strict_types=1);

namespace Fravel\Edit;

use Fravel\Document\Game;
use Fravel\Document\Reference;
use Fravel\Document\References;

/** `{"deleteScene": scene, "lead": other or null}`: what led there leads to the other, or is left an open end. */
final class DeleteScene
{
    /** @param  array<array-key, mixed>  $sent */
    public static function read(array $sent, Game $game): ?Command
    {
        $lead = $sent['lead'] ?? null;
        if (! is_string($sent['deleteScene']) || ! (is_string($lead) || $lead === null)) {
            return null;
        }

        return self::of($game, $sent['deleteScene'], $lead);
    }

    public static function of(Game $game, string $scene, ?string $lead): Together
    {
        $document = $game->document;
        foreach (self::waysTo($game, $scene) as $reference) {
            $document = Tree::put($document, $reference->path, $lead ?? ($reference->path === ['start'] ? self::firstOther($game, $scene) : ''));
        }

        return new Together([...self::changedFields($game, $document, $scene), new RemovePart($scene)]);
    }

    private static function firstOther(Game $game, string $scene): string
    {
        return array_values(array_diff($game->sceneIds(), [$scene]))[0] ?? '';
    }

    /** @return list<Reference> what leads to the scene or names it, from elsewhere */
    public static function waysTo(Game $game, string $scene): array
    {
        return array_values(array_filter(
            References::in($game->document),
            static fn (Reference $reference): bool => $reference->kind === 'scene' && $reference->id === $scene && $reference->scene !== $scene
                && ($reference->isRoute || $reference->scene === null),
        ));
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return list<SetField>
     */
    private static function changedFields(Game $game, array $document, string $scene): array
    {
        $fields = [];
        foreach (self::waysTo($game, $scene) as $reference) {
            $owner = array_slice($reference->path, 0, self::depthOfOwner($reference->path));
            $field = (string) $reference->path[count($owner)];
            $id = $owner === [] ? Command::GAME : Tree::get($document, [...$owner, 'id']);
            $fields[implode('/', $owner).'/'.$field] = new SetField(is_string($id) ? $id : '', $field, Tree::get($document, [...$owner, $field]));
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
