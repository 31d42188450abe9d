<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Condition\Condition;
use Fravel\Condition\Conditions;
use Fravel\Effect\Effect;
use Fravel\Effect\Effects;
use Fravel\State\PlayState;
use Fravel\Support\Node;

/** "If … say … do … go": the one shape of consequence. */
final readonly class Reaction
{
    /** @param  list<Effect>  $effects */
    public function __construct(public ?Condition $if, public string $say, public array $effects, public ?Route $go)
    {
    }

    public static function read(Node $node): self
    {
        $go = $node->maybeText('go');
        if ($go !== null && $go !== '' && $go[0] === '@' && ! in_array($go, Route::WORDS, true)) {
            $node->problems->add('value.unknown', $node->pointer.'/go', [
                'found' => $go,
                'allowed' => implode(', ', Route::WORDS),
            ]);
        }

        return new self(
            Conditions::maybe($node->at('if')),
            $node->text('say'),
            Effects::listed($node, 'do'),
            $go === null || $go === '' ? null : new Route($go),
        );
    }

    /** @return list<self> */
    public static function listed(Node $node, string $key): array
    {
        return array_map(self::read(...), $node->oneOrMore($key));
    }

    /**
     * The one that fires: the first whose condition holds.
     *
     * @param  list<self>  $reactions
     */
    public static function firing(array $reactions, PlayState $state, int $now): ?self
    {
        foreach ($reactions as $reaction) {
            if ($reaction->if === null || $reaction->if->holds($state, $now)) {
                return $reaction;
            }
        }

        return null;
    }

    /** Whether it does more than speak. */
    public function acts(): bool
    {
        return $this->effects !== [] || $this->leadsOn();
    }

    /** Whether it leads away from where it is set off. */
    public function leadsOn(): bool
    {
        return $this->go !== null && $this->go->to !== Route::STAY;
    }
}
