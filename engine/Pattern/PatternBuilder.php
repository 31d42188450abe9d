<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Built\Promise;
use Fravel\Document\Ids;
use Fravel\Support\Template;
use Fravel\Worksheet\CodeForm;
use Fravel\Worksheet\LockFields;
use Fravel\Worksheet\Promised;
use Fravel\Worksheet\Row;
use Random\Randomizer;

/**
 * Where a pattern builds: gives ids nobody has, makes the parts as a document holds them, and keeps them in order.
 *
 * @phpstan-type Part array<string, mixed>
 */
final class PatternBuilder
{
    /** Where the arrangement is left: who builds it says where that is. */
    public const ONWARD = '@onward';

    /** How a code of digits is guarded when the teacher has said nothing. */
    private const CODE_GUARD = ['tries' => 3, 'wait' => 20];

    /** @var list<Part> */
    public array $chapters = [];

    /** @var list<Part> */
    public array $tokens = [];

    /** @var list<Part> */
    public array $tallies = [];

    /** @var list<Part> */
    public array $scenes = [];

    /** @var array<string, Promise> lock → what was given for it */
    public array $promises = [];

    private readonly LockFields $locks;

    /**
     * @param  array<string, mixed>  $taken  ids that are not free, as keys
     * @param  array<string, string>  $words  what students read where the teacher gave no words
     */
    public function __construct(
        private readonly string $language,
        private array $taken,
        private readonly array $words,
        private readonly TeacherDefaults $usual,
        private readonly Randomizer $random = new Randomizer(),
    ) {
        $this->locks = new LockFields($language, $random);
    }

    public function id(string $stem): string
    {
        $id = Ids::drawn($stem, $this->taken, $this->random);
        $this->taken[$id] = true;

        return $id;
    }

    /** A digit of a code, drawn: what can be worked out from what students read is no secret. */
    public function digit(): string
    {
        return (string) $this->random->getInt(0, 9);
    }

    /** @param  array<string, string|int>  $arguments */
    public function say(string $word, array $arguments = []): string
    {
        return Template::filled($this->words[$word] ?? $word, $arguments);
    }

    public function chapter(string $title, string $start): string
    {
        $this->chapters[] = ['id' => ($id = $this->id('chapter-'.$title)), 'title' => $title, 'start' => $start];

        return $id;
    }

    public function token(string $name, string $kind): string
    {
        $this->tokens[] = ['id' => ($id = $this->id($name)), 'name' => $name, 'kind' => $kind];

        return $id;
    }

    public function tally(string $name): string
    {
        $this->tallies[] = ['id' => ($id = $this->id($name)), 'name' => $name, 'start' => 0, 'shown' => false];

        return $id;
    }

    /**
     * @param  list<Part>  $things
     * @param  Part  $more  fields beside the usual ones
     */
    public function scene(string $id, string $title, array $things, array $more = []): void
    {
        $backdrop =
            $this->usual->backdrop === '' ? [] : ['backdrop' => ['asset' => $this->usual->backdrop, 'alt' => '']];
        $this->scenes[] = array_replace(
            ['id' => $id, 'title' => $title, 'layout' => 'page', 'waits' => true] + $backdrop + ['things' => $things],
            $more,
        );
    }

    /** @return Part */
    public function text(string $md): array
    {
        return ['id' => $this->id('text'), 'kind' => 'text', 'md' => $md];
    }

    /**
     * @param  Part  $reaction  beside where it leads
     * @return Part
     */
    public function choice(string $md, string $go, array $reaction = []): array
    {
        return [
            'id' => $this->id('choice'),
            'kind' => 'choice',
            'look' => 'button',
            'md' => $md,
            'react' => [$reaction + ['go' => $go]],
        ];
    }

    /**
     * @param  Part  $open  of the rule that opens it: say, do, go
     * @param  Part|null  $else  what a wrong answer does beside the words for it
     * @return Part
     */
    public function lock(Row $row, array $open = [], ?array $else = null): array
    {
        $fields = $this->locks->of($row, $this->id(...));
        $this->promises[$id = $this->id('lock')] = Promised::of($row, $fields['input'], $this->language);

        return $this->asking(
            $id,
            $fields['ask'],
            $fields['input'],
            $fields['match'],
            $row->feedback,
            $open,
            $else,
        );
    }

    /**
     * A door that opens on a code, guarded against trying them all.
     *
     * @param  Part  $open
     * @param  string|null  $id  that it has already; null for one that is given now
     * @return Part
     */
    public function code(string $ask, CodeForm $code, string $wrong, array $open = [], ?string $id = null): array
    {
        ['input' => $input, 'match' => $match] = $this->locks->code($code, $this->id(...));
        $id ??= $this->id('code');
        $this->promises[$id] = Promise::of([$match['order'] ?? $code->whole()]);
        $lock = $this->asking($id, $ask, $input, $match, $wrong, $open, null);

        return ($code->type === 'text' ? ['tells' => 'open'] : []) + $lock + ['guard' => self::CODE_GUARD];
    }

    /**
     * Options in an order of their own each time, the first of them right.
     *
     * @param  non-empty-list<string>  $options
     * @param  Part  $open
     * @return Part
     */
    public function options(string $ask, array $options, array $open = []): array
    {
        $entries = array_map(fn (string $md): array => ['id' => $this->id('option'), 'md' => $md], $options);

        $ids = array_column($entries, 'id');
        $this->promises[$id = $this->id('lock')] = Promise::of([$ids[0]], array_slice($ids, 1));

        return $this->asking(
            $id,
            $ask,
            ['type' => 'options', 'options' => $entries, 'shuffle' => true],
            ['options' => [$entries[0]['id']]],
            '',
            $open,
            null,
        );
    }

    /**
     * @param  Part  $input
     * @param  Part  $match
     * @param  Part  $open
     * @param  Part|null  $else
     * @return Part
     */
    public function asking(
        string $id,
        string $ask,
        array $input,
        array $match,
        string $wrong,
        array $open,
        ?array $else,
    ): array {
        $words = $wrong !== '' ? $wrong : ($this->usual->wrong !== '' ? $this->usual->wrong : $this->say('wrong'));
        $right = $this->usual->right !== '' ? $this->usual->right : $this->say('right');

        return array_filter(
            [
                'id' => $id,
                'kind' => 'lock',
                'label' => '',
                'ask' => $ask,
                'input' => $input,
                'clean' => ['fair' => true, 'typed' => true],
                'rules' => [$open + ['match' => $match, 'verdict' => 'open', 'say' => $right]],
                'otherwise' => [($else ?? []) + ['say' => $words]],
                'guard' => $this->usual->guard(),
            ],
            static fn (mixed $field): bool => $field !== null,
        );
    }

    /** @return list<string> */
    public function ids(string $stem, int $count): array
    {
        return array_map(fn (): string => $this->id($stem), range(1, max(1, $count)));
    }

    /**
     * A line of scenes of one lock each.
     *
     * @param  list<string>  $ids  of the scenes
     * @param  list<Row>  $rows  one for each
     * @param  string  $onward  where the last one leads
     * @param  callable(Row, string, int): Part  $lock  the lock of a row, given where it leads on and its place
     * @param  Part  $more  fields of each scene
     */
    public function line(array $ids, array $rows, string $title, string $onward, callable $lock, array $more = []): void
    {
        foreach ($rows as $place => $row) {
            $name = $this->say('numbered', ['title' => $title, 'number' => $place + 1]);
            $this->scene($ids[$place], $name, [$lock($row, $ids[$place + 1] ?? $onward, $place)], $more);
        }
    }

    /**
     * @param  list<Row>  $rows
     * @return array<string, list<Row>> by room, in the order in which the rooms first come
     */
    public function byRoom(array $rows, string $unnamed): array
    {
        $rooms = [];
        foreach ($rows as $row) {
            $rooms[$row->room === '' ? $unnamed : $row->room][] = $row;
        }

        return $rooms;
    }
}
