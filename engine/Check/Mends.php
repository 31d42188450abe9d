<?php

declare(strict_types=1);

namespace Fravel\Check;

use Fravel\Answer\LanguageData;
use Fravel\Check\Answers\Hiding;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Document\Reference;
use Fravel\Document\Scene;
use Fravel\Edit\Command;
use Fravel\Edit\DocumentPath;
use Fravel\Edit\InsertPart;
use Fravel\Edit\RemovePart;
use Fravel\Edit\SetField;
use Fravel\Edit\Together;
use Fravel\Support\Node;
use Fravel\Thing\Lock;
use Fravel\Thing\Things;

/** The edits that mend what the check finds. A mend is offered, never made by itself. */
final class Mends
{
    /** @var array<array-key, list<string|int>>|null part → where it stands */
    private ?array $paths = null;

    public function __construct(private readonly GameDocument $game)
    {
    }

    /** Says something of the kind "not yet" to any other wrong answer. */
    public function addFeedback(string $lock): SetField
    {
        return new SetField($lock, 'otherwise', [...$this->listIn($lock, 'otherwise'), ['say' => $this->notYet()]]);
    }

    /**
     * Says "not yet" wherever one of these reactions would say more than it should.
     *
     * @param  callable(string): bool  $tells
     */
    public function hush(string $lock, string $field, callable $tells): SetField
    {
        $key = $field === 'hints' ? 'md' : 'say';
        $list = array_map(
            fn (array $entry): array => is_string($entry[$key] ?? null) && $tells($entry[$key])
                ? [...$entry, $key => $this->notYet()]
                : $entry,
            $this->listIn($lock, $field),
        );

        return new SetField($lock, $field, $list);
    }

    /** Takes the exact words where words anywhere in the answer were enough. */
    public function takeExactly(string $lock): SetField
    {
        $rules = array_map(static function (array $rule): array {
            $phrases = $rule['match']['has'] ?? null;

            return $phrases !== null && ($rule['verdict'] ?? '') === 'open'
                ? [...$rule, 'match' => ['equals' => $phrases]]
                : $rule;
        }, $this->listIn($lock, 'rules'));

        return new SetField($lock, 'rules', $rules);
    }

    /** Takes what a phone's keys give for what was meant; null where that would not do either. */
    public function takeAsTyped(Lock $lock, string $language): ?SetField
    {
        $path = $this->path($lock->id);
        $part = $path === null ? null : DocumentPath::get($this->game->document, $path);
        if (! is_array($part) || $lock->clean->meant->isAny()) {
            return null;
        }
        $clean = ['typed' => true] + (is_array($part['clean'] ?? null) ? $part['clean'] : []);
        $typed = Lock::read(Node::root(['clean' => $clean] + $part));
        $opening = $typed->openingRule();

        return $opening === null || Hiding::lacking($typed, $opening, $language) !== null
            ? null
            : new SetField($lock->id, 'clean', $clean);
    }

    public function guard(string $lock, int $tries, int $wait): SetField
    {
        return new SetField($lock, 'guard', ['tries' => $tries, 'wait' => $wait]);
    }

    /** The rule before all that hide it; without it where it would only hide those then. */
    public function moveRuleFirst(string $lock, int $index): ?SetField
    {
        $rules = $this->listIn($lock, 'rules');
        $rule = $rules[$index] ?? null;
        // A lock at a moment of a clip is reached by no command of its own.
        if ($rule === null) {
            return null;
        }
        $isRepeated =
            array_filter(
                array_slice($rules, 0, $index),
                static fn (array $earlier): bool => ($earlier['match'] ?? null) === ($rule['match'] ?? null),
            ) !== [];
        unset($rules[$index]);

        return new SetField($lock, 'rules', $isRepeated ? array_values($rules) : [$rule, ...array_values($rules)]);
    }

    /** Gives it by the lock that stands before it is first asked for, else at the start. */
    public function give(string $token, ?string $lock): SetField
    {
        $rules = $lock === null ? [] : $this->listIn($lock, 'rules');
        foreach ($rules as $place => $rule) {
            if (($rule['verdict'] ?? '') === 'open') {
                $rules[$place]['do'] = [...is_array($rule['do'] ?? null) ? $rule['do'] : [], ['give' => $token]];

                return new SetField((string) $lock, 'rules', $rules);
            }
        }
        $arrive = $this->listIn($this->game->start(), 'arrive');
        $arrive =
            $arrive === []
                ? [['do' => [['give' => $token]]]]
                : array_map(
                    static fn (array $one): array => [...$one, 'do' => [...$one['do'] ?? [], ['give' => $token]]],
                    $arrive,
                );

        return new SetField($this->game->start(), 'arrive', $arrive);
    }

    /** On to the scene that stands next in the document, or back to the start. */
    public function leadOn(string $scene): ?SetField
    {
        $ids = $this->game->sceneIds();
        $place = array_search($scene, $ids, true);
        $next = $ids[(int) $place + 1] ?? $this->game->start();

        return $next === $scene ? null : new SetField($scene, 'next', [['go' => $next]]);
    }

    /**
     * A choice in a scene that students get to, which leads to one that they don't; none where that one would not let
     * them in.
     */
    public function leadTo(Scene $scene, ?string $from): ?InsertPart
    {
        return $from === null || $scene->needs !== null ? null : $this->choiceIn($from, $scene->id, $scene->title);
    }

    public function leadBackToStart(string $scene): ?InsertPart
    {
        $start = $this->game->scene($this->game->start());

        return $start === null || $start->id === $scene ? null : $this->choiceIn($scene, $start->id, $start->title);
    }

    /**
     * An ending behind what is there: open ends of the scene lead there, else going on does, once all that is asked is
     * done. One that was an ending itself hands on what it says; behind a stop the scene of its film leads on.
     */
    public function endBehind(?Scene $scene): ?Together
    {
        $from = $scene?->stop === null ? $scene : $this->game->scene($scene->stop->home);
        if ($scene === null || $from === null) {
            return null;
        }
        $tongue = LanguageData::of($this->game->language());
        $id = Ids::spelt('ending', hash('sha256', "ending {$scene->id} ".count($this->game->sceneIds()), true));
        $ending = $this->fieldOf($scene->id, 'ending');
        $end = ['id' => $id, 'title' => $tongue->end, 'layout' => 'page', 'things' => []] + [
            'ending' => is_array($ending) ? $ending : ['kind' => 'won', 'md' => $tongue->ended],
        ] + ($from->chapter === null ? [] : ['chapter' => $from->chapter]);

        return new Together([
            ...$ending === null ? [] : [$this->leaveOut($scene->id, 'ending')],
            new InsertPart('scenes', Command::GAME, $scene->id, $end),
            ...$this->leadingTo($end, $from, $ending !== null),
        ]);
    }

    /**
     * Open ends of the scene lead to the other now; going on where there are none; where that leads elsewhere already,
     * a choice once all that is asked is done. What was an ending never led on, whatever it says.
     *
     * @param  array{id: string, title: string, ...}  $end
     * @return list<Command>
     */
    private function leadingTo(array $end, Scene $from, bool $wasEnding): array
    {
        $led = [];
        foreach ($this->listIn($from->id, 'things') as $thing) {
            foreach (['rules', 'react'] as $field) {
                $list = is_array($thing[$field] ?? null) ? $thing[$field] : [];
                $open = array_map(static fn (mixed $one): mixed => is_array($one) && ($one['go'] ?? null) === ''
                    && ($field === 'react' || ($one['verdict'] ?? '') === 'open')
                        ? ['go' => $end['id']] + $one : $one, $list);
                if ($open !== $list && is_string($thing['id'] ?? null)) {
                    $led[] = new SetField($thing['id'], $field, $open);
                }
            }
        }
        if ($led !== []) {
            return $led;
        }
        if ($from->next !== [] && ! $wasEnding) {
            $asked = array_map(static fn (Lock $lock): array => ['open' => $lock->id], Things::locks($from->things));

            return [$this->choiceIn($from->id, $end['id'], $end['title'], $asked === [] ? [] : ['all' => $asked])];
        }

        return [new SetField($from->id, 'next', [['go' => $end['id']]]), new SetField($from->id, 'waits', true)];
    }

    /** Going on from the scene waits until all that is asked there is done. */
    public function waitIn(string $scene): SetField
    {
        return new SetField($scene, 'waits', true);
    }

    /** Words stand on a plate of paper; ink is read on it. */
    public function plate(string $text): Together
    {
        return new Together([new SetField($text, 'plate', true), new SetField($text, 'colour', 'ink')]);
    }

    /** A choice is there only once the lock is open. */
    public function showOnceOpen(string $choice, string $lock): SetField
    {
        $if = $this->fieldOf($choice, 'if');

        return new SetField($choice, 'if', is_array($if) ? ['all' => [$if, ['open' => $lock]]] : ['open' => $lock]);
    }

    /** An answer is taken note of, and called neither right nor wrong. */
    public function noteAnswers(Lock $lock): SetField
    {
        return new SetField($lock->id, 'tells', Lock::NOTED);
    }

    public function leaveOut(string $part, string $field): SetField
    {
        return new SetField($part, $field, null, false);
    }

    public function remove(string $part): RemovePart
    {
        return new RemovePart($part);
    }

    /** A route to nowhere is taken away; another part that is missing is made, where its kind allows. */
    public function supply(Reference $reference): ?Command
    {
        if ($reference->kind === 'scene' && $reference->path === ['start']) {
            $first = $this->game->sceneIds()[0] ?? null;

            return $first === null ? null : new SetField(Command::GAME, 'start', $first);
        }
        if ($reference->isRoute) {
            return $this->without($reference);
        }
        $made = match ($reference->kind) {
            'token' => ['tokens', ['id' => $reference->id, 'name' => $reference->id, 'kind' => 'item']],
            'tally' => ['tallies', ['id' => $reference->id, 'name' => $reference->id, 'start' => 0, 'shown' => false]],
            'chapter' => ['chapters', ['id' => $reference->id, 'title' => $reference->id]],
            default => null,
        };

        return $made === null
            ? null
            : new InsertPart($made[0], Command::GAME, self::lastOf($this->game->document, $made[0]), $made[1]);
    }

    /** The field of the part that holds the reference, with the reference cut out. */
    private function without(Reference $reference): ?SetField
    {
        $depth = ($reference->path[2] ?? null) === 'things' ? 4 : 2;
        $owner = DocumentPath::get($this->game->document, [...array_slice($reference->path, 0, $depth), 'id']);
        $field = $reference->path[$depth] ?? null;
        $list = DocumentPath::get($this->game->document, array_slice($reference->path, 0, $depth + 1));
        if (! is_string($owner) || ! is_string($field) || ! is_array($list)) {
            return null;
        }
        $within = array_slice($reference->path, $depth + 1);
        $holder = DocumentPath::get($list, array_slice($within, 0, -1));

        return new SetField(
            $owner,
            $field,
            DocumentPath::put(
                $list,
                array_slice($within, 0, -1),
                is_array($holder) ? array_diff_key($holder, ['go' => 0]) : $holder,
            ),
        );
    }

    /**
     * A choice in one scene that leads to the other and is called after it.
     *
     * @param  array<string, mixed>  $if  a condition for it to be there
     */
    private function choiceIn(string $from, string $to, string $title, array $if = []): InsertPart
    {
        $last = array_column($this->listIn($from, 'things'), 'id');
        $id = Ids::spelt('choice', hash('sha256', "{$from} {$to} ".count($last), true));
        $choice = [
            'id' => $id,
            'kind' => 'choice',
            'look' => 'button',
            'md' => $title,
            'react' => [['go' => $to]],
        ] + ($if === [] ? [] : ['if' => $if]);

        return new InsertPart('things', $from, $last === [] ? null : (string) end($last), $choice);
    }

    private function notYet(): string
    {
        return LanguageData::of($this->game->language())->notYet;
    }

    /** @return list<string|int>|null */
    private function path(string $part): ?array
    {
        $this->paths ??= DocumentPath::all($this->game->document);

        return $this->paths[$part] ?? null;
    }

    private function fieldOf(string $part, string $field): mixed
    {
        $path = $this->path($part);

        return $path === null ? null : DocumentPath::get($this->game->document, [...$path, $field]);
    }

    /**
     * @return list<array<array-key, mixed>> the entries of a list that a part holds; one that stands for itself is a
     *     list of one
     */
    private function listIn(string $part, string $field): array
    {
        $path = $this->path($part);
        $value = $path === null ? null : DocumentPath::get($this->game->document, [...$path, $field]);
        if (! is_array($value)) {
            return [];
        }

        return array_values(array_filter(array_is_list($value) ? $value : [$value], is_array(...)));
    }

    /** @param  array<array-key, mixed>  $document */
    private static function lastOf(array $document, string $list): ?string
    {
        $ids = array_column(DocumentPath::entries($document, $list), 'id');

        return $ids === [] ? null : (string) end($ids);
    }
}
