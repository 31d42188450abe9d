<?php

declare(strict_types=1);

namespace Fravel\Condition;

use Fravel\State\Fact;
use Fravel\State\PlayState;
use Fravel\Support\Node;
use Fravel\Support\Wording;

/**
 * `{"leads": "bold", "among": ["bold", "calm"], "ties": "first"}`: highest of them; a tie goes to the one listed first,
 * to all or to none. `must` and `never` go before numbers.
 */
final readonly class Leads implements Condition
{
    public const FIELDS = ['leads' => 'tally', 'among' => 'tally'];

    /** @param  list<string>  $among in the order that settles a tie */
    public function __construct(public string $tally, public array $among, public Ties $ties = Ties::First)
    {
    }

    public static function read(Node $node): self
    {
        $ties = $node->oneOf('ties', array_column(Ties::cases(), 'value'), Ties::First->value);

        return new self($node->id('leads'), $node->texts('among'), Ties::from($ties));
    }

    public static function schema(): array
    {
        return [
            'leads' => ['$ref' => '#/$defs/id'],
            'among' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/id'], 'default' => []],
            'ties' => ['enum' => array_column(Ties::cases(), 'value'), 'default' => Ties::First->value],
        ];
    }

    public function holds(PlayState $state, int $now): bool
    {
        return $this->ties->makesFirst($this->tally, $state->leaders($this->among));
    }

    public function observe(Observed $seen): void
    {
        foreach ([$this->tally, ...$this->among] as $tally) {
            $seen->measure(Fact::tally($tally));
            $seen->see(Fact::decided($tally));
            $seen->see(Fact::ruledOut($tally));
        }
    }

    public function isRising(): bool
    {
        return false;
    }

    public function foldsTo(Fixed $fixed): ?bool
    {
        // Whoever stands alone leads, unless ruled out.
        return count(array_unique($this->among)) === 1 && $fixed->isUnchanged(Fact::ruledOut($this->among[0]))
            ? $this->among[0] === $this->tally
            : null;
    }

    public function least(): ?Need
    {
        return null;
    }

    public function said(): Wording
    {
        $words = match ($this->ties) {
            Ties::First => 'condition.leads',
            Ties::All => 'condition.leadsAlso',
            Ties::None => 'condition.leadsAlone',
        };

        return new Wording($words, named: ['part' => [$this->tally], 'among' => $this->among]);
    }
}
