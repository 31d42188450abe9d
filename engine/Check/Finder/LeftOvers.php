<?php

declare(strict_types=1);

namespace Fravel\Check\Finder;

use Fravel\Check\CheckContext;
use Fravel\Check\Finding;
use Fravel\Document\Reference;
use Fravel\Edit\DocumentPath;

/** What was begun and left: sample words, scenes with nothing in them, choices and locks that do nothing yet. */
final class LeftOvers implements Finder
{
    private const WORDS = ['md', 'ask'];

    public static function find(CheckContext $study): array
    {
        $named = array_flip(array_map(static fn (Reference $reference): string => $reference->id, $study->references));
        $findings = [];
        foreach ($study->game->scenes() as $scene) {
            if ($scene->things === [] && $scene->ending === null && $scene->next === [] && $scene->arrive === []) {
                $findings[] = Finding::warning('scene.empty', [$scene->id], ['scene' => $scene->title]);
            }
        }
        foreach (DocumentPath::entries($study->game->document, 'scenes') as $scene) {
            foreach (DocumentPath::entries($scene, 'things') as $thing) {
                $code = self::isSample($thing, $study) ? 'text.sample' : (self::isOpen($thing, $named) ? 'route.open' : null);
                if ($code !== null && is_string($thing['id']) && is_string($scene['id'])) {
                    $findings[] = Finding::warning($code, [$thing['id'], $scene['id']], ['part' => $study->calls($thing['id']), 'scene' => is_string($scene['title'] ?? null) ? $scene['title'] : '']);
                }
            }
        }

        return $findings;
    }

    /** @param  array<array-key, mixed>  $thing */
    private static function isSample(array $thing, CheckContext $study): bool
    {
        $said = array_filter(array_intersect_key($thing, array_flip(self::WORDS)), is_string(...));

        return array_intersect($said, $study->samples) !== [];
    }

    /**
     * Whether a choice does nothing, or opening a lock leads to an end that is left open. A lock without any route is a
     * question, one that stays here says `@stay`, and one that something depends on has its use.
     *
     * @param  array<array-key, mixed>  $thing
     * @param  array<string, int>  $named  ids that something names
     */
    private static function isOpen(array $thing, array $named): bool
    {
        return match ($thing['kind'] ?? null) {
            'choice' => array_filter(self::reactions($thing['react'] ?? []), static fn (array $reaction): bool => ! self::isIdle($reaction) || ($reaction['say'] ?? '') !== '') === [],
            'lock' => ! isset($named[$thing['id'] ?? '']) && ($thing['opened'] ?? []) === [] && array_filter(self::reactions($thing['rules'] ?? []), static fn (array $rule): bool => ($rule['verdict'] ?? '') === 'open' && ($rule['go'] ?? null) === '' && self::isIdle($rule)) !== [],
            default => false,
        };
    }

    /** @param  array<array-key, mixed>  $reaction */
    private static function isIdle(array $reaction): bool
    {
        return in_array($reaction['go'] ?? '', ['', null], true) && ($reaction['do'] ?? []) === [];
    }

    /** @return list<array<array-key, mixed>> */
    private static function reactions(mixed $written): array
    {
        $list = is_array($written) && ! array_is_list($written) ? [$written] : $written;

        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }
}
