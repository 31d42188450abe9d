<?php

declare(strict_types=1);

namespace Fravel\Answer\Input;

use Fravel\Answer\Answer;
use Fravel\Answer\Cleaning;
use Fravel\Answer\Matcher\Matcher;
use Fravel\Answer\Probe\Probes;
use Fravel\Answer\Refusal;
use Fravel\Document\Showing;
use Fravel\Effect\Effect;
use Fravel\Support\Node;

/** How a lock is answered; its `type` names its kind. */
interface Input
{
    /** Field → what it holds: the kind of part it names, or one of the shapes of Walk. */
    public const FIELDS = [];

    public static function read(Node $node): self;

    /** @return array<string, mixed> field → what the published JSON Schema says of it */
    public static function schema(): array;

    /** What was sent, brought into the shape this input yields; or why it is no answer. */
    public function accept(mixed $sent, Cleaning $cleaning): Answer|Refusal;

    /** How many different answers there are; null when nobody can count them. */
    public function ways(): ?float;

    /** @return list<mixed>|null all answers, where there are no more than that; else null */
    public function every(int $most): ?array;

    /** @return list<mixed> answers that these probes stand for, in the shape of this input */
    public function probed(Probes $probes): array;

    /** Whether every answer there is gets the same verdict as one of those that these probes stand for. */
    public function isDecidedBy(Probes $probes): bool;

    /**
     * Guesses that whoever knows nothing needs on average, where answers can't be counted and are tried all the same;
     * null where they are not.
     *
     * @param  list<Matcher>  $open  that open the lock
     */
    public function guesses(array $open, string $language): ?float;

    /** How one slips in answering. */
    public function entry(): Entry;

    /** Whether it is many parts, each of them typed. */
    public function isTypedInParts(): bool;

    /** Whether an answer may be so long that it is read for the words in it. */
    public function isLong(): bool;

    /** Characters that an answer may have. */
    public function longest(): int;

    /** The unit that is shown beside the field. */
    public function unit(): ?string;

    /**
     * @return list<list<Effect>> what picking each of its parts does, whatever the verdict; none where nothing is
     *     picked
     */
    public function effects(): array;

    /** @return list<Effect> what this answer does, whatever the verdict */
    public function effectsOf(Answer $answer): array;

    /** @return list<string> the answers of which one is picked; none where an answer is another thing */
    public function picks(): array;

    /** @return array<string, string> id → words of the parts that an answer is made of */
    public function parts(): array;

    /**
     * The signs that an answer is made of, as they are written in a text.
     *
     * @param  array<string, string>  $colours  colour → its name
     * @param  array<string, string>  $alts  asset → what its picture shows
     * @return array<string, string> sign of an answer → CommonMark; a sign that is not there is written as it is
     */
    public function signs(array $colours, array $alts): array;

    /**
     * What a device needs to ask for it.
     *
     * @return array<string, mixed>
     */
    public function shown(Showing $showing, string $lock): array;
}
