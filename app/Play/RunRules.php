<?php

declare(strict_types=1);

namespace App\Play;

use App\Models\Run;
use Fravel\Play\View;
use stdClass;

/** What a run leaves to its students beside what the game itself does. */
final readonly class RunRules
{
    public function __construct(
        public bool $hints = true, public bool $again = true, public bool $order = false, public bool $isTeam = false,
        public bool $certificate = false, public bool $wall = false, public bool $isClass = false,
    ) {
    }

    public static function of(Run|stdClass $run): self
    {
        return new self(
            (bool) $run->gives_hints, (bool) $run->plays_again, (bool) $run->shows_order,
            $run->plays_as === 'teams', (bool) $run->gives_certificates, (bool) $run->shows_wall,
            $run->plays_as === 'class',
        );
    }

    /** As they are at the front of a class that plays together: what runs there does not run on its devices. */
    public function atFront(): self
    {
        return new self(...['isClass' => false] + get_object_vars($this));
    }

    /** The view without what this run does not leave to its students. */
    public function seen(View $view): View
    {
        if ($this->hints) {
            return $view;
        }
        $things = array_map(
            static fn (array $thing): array => isset($thing['hint']) ? ['hint' => false] + $thing : $thing,
            $view->things,
        );

        return new View(...['things' => $things] + get_object_vars($view));
    }
}
