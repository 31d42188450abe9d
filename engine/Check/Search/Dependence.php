<?php

declare(strict_types=1);

namespace Fravel\Check\Search;

use Fravel\Document\GameDocument;

/**
 * What comes of doing something with a thing depends on: all that its conditions name, and those of the scenes it may lead
 * to, of the covers it may lift and of what happens on arriving there.
 *
 * @phpstan-type Raw array<array-key, mixed>
 * @phpstan-type Part array{mask: string, falls: bool, to: list<string>}
 */
final class Dependence
{
    /** Effects after which less may be held or open, or a number is another than a sum would be. */
    private const FALLING = ['take', 'close', 'lower', 'forget', 'set'];

    /** @var array<string, Part> scene → what arriving there, or being refused, depends on */
    private array $arrivals = [];

    /** @var array<string, list<Raw>> lock → covers that it lifts */
    private array $covers = [];

    /** @var list<string> */
    private readonly array $chapterStarts;

    public function __construct(private readonly GameDocument $game, private readonly RouteDocument $skeleton, private readonly StateCodec $facts)
    {
        $this->chapterStarts = array_values(array_filter(array_map($game->firstSceneOf(...), array_keys($game->chapters()))));
        foreach ($skeleton->scenes as $scene) {
            foreach ($scene['things'] ?? [] as $thing) {
                if (isset($thing['lock'])) {
                    $this->covers[$thing['lock']][] = $thing;
                }
            }
        }
    }

    /**
     * @param  list<mixed>  $parts  what something is done with, as the skeleton has it
     * @param  list<string>  $to  scenes it may lead to beside those it names
     * @return array{mask: string, falls: bool}  the facts it depends on, and whether it may take something away
     */
    public function of(array $parts, array $to = []): array
    {
        ['mask' => $mask, 'falls' => $falls, 'to' => $named] = $this->read($parts, true);
        $queue = [...$to, ...$named];
        $seen = [];
        while ($queue !== []) {
            $scene = array_pop($queue);
            if (isset($seen[$scene])) {
                continue;
            }
            $seen[$scene] = true;
            $arrival = $this->arrivals[$scene] ??= $this->arrival($scene);
            $mask |= $arrival['mask'];
            $falls = $falls || $arrival['falls'];
            array_push($queue, ...$arrival['to']);
        }

        return ['mask' => $mask, 'falls' => $falls];
    }

    /** @return Part */
    private function arrival(string $scene): array
    {
        $parts = array_intersect_key($this->skeleton->scenes[$scene] ?? [], ['needs' => 0, 'refused' => 0, 'arrive' => 0]);

        return $this->read(array_values($parts), false);
    }

    /**
     * @param  list<mixed>  $parts
     * @param  bool  $isHere  whether the scene is known from which a way back would be gone
     * @return Part
     */
    private function read(array $parts, bool $isHere): array
    {
        [$ids, $to, $seen, $falls] = [[], [], [], false];
        $own = count($parts);
        for ($at = 0; $at < count($parts); $at++) {
            RouteDocument::walk($parts[$at], function (string $text, string|int $key, bool $inEffect) use (&$ids, &$to, &$parts, &$seen, &$falls): void {
                $falls = $falls || $text === 'cover' || ($inEffect && in_array($key, self::FALLING, true));
                if ($key === 'go') {
                    array_push($to, ...$this->targets($text));
                } elseif (! $inEffect || isset($this->covers[$text])) {
                    $ids[] = $text;
                }
                array_push($parts, ...(isset($seen[$text]) ? [] : $this->covers[$text] ?? []));
                $seen[$text] = true;
            });
        }
        // Where a way back leads from a place not known depends on all that came before; a cover may lead away first.
        $isLost = (! $isHere || count($parts) > $own) && RouteDocument::leadsBack($parts);
        $mask = $isLost ? str_repeat("\xFF", $this->facts->length) : $this->facts->maskOf($ids);

        return ['mask' => $mask, 'falls' => $falls || $isLost, 'to' => $to];
    }

    /** @return list<string> scenes; where a route leads by where one is, all that it may be */
    private function targets(string $route): array
    {
        return match ($route) {
            '@stay', '@back', '' => [],
            '@start' => [$this->game->start()],
            '@chapter' => $this->chapterStarts,
            default => [$route],
        };
    }
}
