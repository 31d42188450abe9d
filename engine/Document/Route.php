<?php

declare(strict_types=1);

namespace Fravel\Document;

/**
 * Where a reaction goes: a scene or a moment of a clip by its id, or one of the words for a place that depends on the
 * play.
 */
final readonly class Route
{
    public const STAY = '@stay';

    public const BACK = '@back';

    public const CHAPTER = '@chapter';

    public const START = '@start';

    /** From a stop on in its film; elsewhere it is staying. */
    public const ON = '@on';

    public const WORDS = [self::STAY, self::BACK, self::CHAPTER, self::START, self::ON];

    public function __construct(public string $to)
    {
    }

    public function isScene(): bool
    {
        return ! in_array($this->to, self::WORDS, true);
    }
}
