<?php

declare(strict_types=1);

namespace Fravel\Document;

use Fravel\Film\Films;
use Fravel\Film\Moment;
use Fravel\Support\Node;
use Fravel\Thing\Code;
use Fravel\Thing\Lock;
use Fravel\Thing\Thing;
use Fravel\Thing\Things;

/**
 * A game, read from its document.
 *
 * The document itself (nested arrays as Support\Json reads them) is the truth and is kept whole, unknown fields
 * included; typed parts are read from it when they are first asked for, so that playing one scene of a thousand costs
 * one scene. A game never changes: Edit commands make a new one.
 */
final class GameDocument
{
    /** What a game may say in its own words of any answer. */
    public const VOICES = ['open', 'right', 'almost', 'wrong', 'noted', 'notReady'];

    /** @var array<string, ?Scene> */
    private array $scenes = [];

    /** @var array<string, Token>|null */
    private ?array $tokens = null;

    /** @var array<string, Tally>|null */
    private ?array $tallies = null;

    /** @var array<string, Asset>|null */
    private ?array $assets = null;

    /** @var array<string, Chapter>|null */
    private ?array $chapters = null;

    /** @var array<string, int>|null scene → its place among the scenes */
    private ?array $places = null;

    /** @var array<string, array{kind: string, scene: string, chapter: ?string, by: ?string}>|null */
    private ?array $things = null;

    /** @var array<string, array<string, string>>|null lock → covers it lifts → their scenes */
    private ?array $coversBy = null;

    /** @var array<string, list<string>> lock → the signs of its code */
    private array $codes = [];

    /** @var array<string, true> scenes of which something is written elsewhere: the code of a lock, a stop of a clip */
    private array $saying = [];

    private ?Films $films = null;

    /** @param  array<array-key, mixed>  $document */
    private function __construct(public readonly array $document)
    {
    }

    /** @param  array<array-key, mixed>  $document one that Validation finds no problem in */
    public static function of(array $document): self
    {
        return new self($document);
    }

    /**
     * The game after a change: parts that it left alone are not read again.
     *
     * @param  array<array-key, mixed>  $document
     */
    public function changed(array $document): self
    {
        $next = new self($document);
        $before = $this->rawScenes();
        foreach ($next->rawScenes() as $scene) {
            $place = $this->places()[$scene['id']] ?? null;
            $isRead = isset($this->scenes[$scene['id']]) && ! isset($this->saying[$scene['id']]);
            if ($place !== null && $isRead && $before[$place] === $scene) {
                $next->scenes[$scene['id']] = $this->scenes[$scene['id']];
            }
        }

        return $next;
    }

    public function title(): string
    {
        return Node::root($this->document)->text('title');
    }

    public function language(): string
    {
        return Node::root($this->document)->text('language', 'en');
    }

    /** @return array<string, list<string>> one of VOICES → the game's own wordings, which take turns */
    public function voice(): array
    {
        $voice = Node::root($this->document)->at('voice');

        return array_map(
            static fn (string $name): array => $voice->texts($name),
            array_combine(self::VOICES, self::VOICES),
        );
    }

    public function start(): string
    {
        return Node::root($this->document)->text('start');
    }

    /** @return list<string> ids in document order */
    public function sceneIds(): array
    {
        return array_keys($this->places());
    }

    public function scene(string $id): ?Scene
    {
        if (array_key_exists($id, $this->scenes)) {
            return $this->scenes[$id];
        }
        $place = $this->places()[$id] ?? null;

        return $this->scenes[$id] = $place === null ? null : $this->readScene($id, $place);
    }

    private function readScene(string $id, int $place): Scene
    {
        $written = $this->rawScenes()[$place];
        if (! CodeMarks::areIn($written) && ! Films::concern($written)) {
            return Waiting::concerns($written)
                ? Scene::read(Node::root(Waiting::completed($written)))
                : Scene::read(Node::root($this->document)->at('scenes')->at($place));
        }
        $this->saying[$id] = true;

        return Scene::read(Node::root($this->whole($id)));
    }

    /**
     * A scene as it is written, with what it says of codes and what ties it to a film.
     *
     * @return array<array-key, mixed> empty for none
     */
    public function whole(string $scene): array
    {
        $written = $this->rawScenes()[$this->places()[$scene] ?? -1] ?? [];
        $written = CodeMarks::areIn($written) ? CodeMarks::filled($written, $this->codeOf(...)) : $written;

        $written = Films::concern($written) ? $this->films()->completed($written) : $written;

        return Waiting::completed($written);
    }

    /** Its clips, with their stops and moments. */
    public function films(): Films
    {
        return $this->films ??= Films::in($this->rawScenes());
    }

    public function moment(string $id): ?Moment
    {
        return $id === '' || isset($this->places()[$id]) ? null : $this->films()->moment($id);
    }

    /** The scene that a route of this name leads to: itself, or the one whose clip has the moment. */
    public function destination(string $id): ?string
    {
        return isset($this->places()[$id]) ? $id : $this->moment($id)?->scene;
    }

    /**
     * The first answer that opens a lock, sign by sign.
     *
     * @return list<string> none where there is no such lock or answer
     */
    public function codeOf(string $lock): array
    {
        return $this->codes[$lock] ??= Code::of(
            $this->written($lock), $this->language(),
            array_map(static fn (Asset $asset): string => $asset->alt, $this->assets()),
        );
    }

    /** @return array<string, mixed> a thing as it is written; empty for none */
    public function written(string $thing): array
    {
        $scene = $this->rawScenes()[$this->places()[$this->sceneOf($thing) ?? ''] ?? -1] ?? [];

        return array_column(Things::rawFlattened($scene['things'] ?? []), null, 'id')[$thing] ?? [];
    }

    /**
     * The document with all that it says of codes in their own signs.
     *
     * @return array<array-key, mixed>
     */
    public function settled(): array
    {
        return CodeMarks::areIn($this->document)
            ? CodeMarks::filled($this->document, $this->codeOf(...))
            : $this->document;
    }

    /**
     * @param  (callable(int): void)|null  $asked  before a scene is read for the first time, with how many things stand
     *     in it; what it throws ends the reading, and what was read by then stays read
     * @return list<Scene>
     */
    public function scenes(?callable $asked = null): array
    {
        $scenes = [];
        foreach ($this->places() as $id => $place) {
            if ($asked !== null && ! array_key_exists($id, $this->scenes)) {
                $asked(count($this->rawScenes()[$place]['things'] ?? []));
            }
            $scenes[] = $this->scene($id);
        }

        return array_values(array_filter($scenes));
    }

    /** @return array<string, Token> */
    public function tokens(): array
    {
        $written = ['tokens' => $this->document['tokens'] ?? []];

        return $this->tokens ??= self::byId(
            Node::root(CodeMarks::filled($written, $this->codeOf(...)))->list('tokens'), Token::read(...),
        );
    }

    /** @return array<string, Tally> */
    public function tallies(): array
    {
        return $this->tallies ??= self::byId($this->root()->list('tallies'), Tally::read(...));
    }

    /** @return array<string, Asset> */
    public function assets(): array
    {
        return $this->assets ??= self::byId($this->root()->list('assets'), Asset::read(...));
    }

    /** @return array<string, Chapter> */
    public function chapters(): array
    {
        return $this->chapters ??= self::byId($this->root()->list('chapters'), Chapter::read(...));
    }

    /** @return array<string, Walkthrough> */
    public function walkthroughs(): array
    {
        return self::byId($this->root()->list('walkthroughs'), Walkthrough::read(...));
    }

    public function firstSceneOf(string $chapter): ?string
    {
        $start = $this->chapters()[$chapter]->start ?? null;
        if ($start !== null && isset($this->places()[$start])) {
            return $start;
        }
        foreach ($this->sceneIds() as $id) {
            if ($this->chapterOf($id) === $chapter) {
                return $id;
            }
        }

        return null;
    }

    /** The chapter of a scene, without reading the scene. */
    public function chapterOf(string $scene): ?string
    {
        $place = $this->places()[$scene] ?? null;

        return $place === null ? null : $this->rawScenes()[$place]['chapter'] ?? null;
    }

    /** Whether it can be won, lost or ended at all; a board to uncover has no end. */
    public function hasEnding(): bool
    {
        return array_filter($this->rawScenes(), static fn (array $scene): bool => isset($scene['ending'])) !== [];
    }

    /** What an id names: scene, chapter, token, tally, asset, or the kind of a thing. */
    public function kindOf(string $id): ?string
    {
        return match (true) {
            isset($this->places()[$id]) => 'scene',
            isset($this->things()[$id]) => $this->things()[$id]['kind'],
            isset($this->tokens()[$id]) => 'token',
            isset($this->tallies()[$id]) => 'tally',
            isset($this->assets()[$id]) => 'asset',
            isset($this->chapters()[$id]) => 'chapter',
            $this->films()->moment($id) !== null => 'moment',
            default => null,
        };
    }

    /** The scene a thing stands in. */
    public function sceneOf(string $thing): ?string
    {
        return $this->things()[$thing]['scene'] ?? null;
    }

    public function lock(string $id): ?Lock
    {
        foreach (Things::locks($this->scene($this->sceneOf($id) ?? '')->things ?? []) as $lock) {
            if ($lock->id === $id) {
                return $lock;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function locksOf(string $chapter): array
    {
        return $this->idsWhere(
            static fn (array $thing): bool => $thing['kind'] === 'lock' && $thing['chapter'] === $chapter,
        );
    }

    /** @return list<string> */
    public function coversOf(string $chapter): array
    {
        return $this->idsWhere(
            static fn (array $thing): bool => $thing['kind'] === 'cover' && $thing['chapter'] === $chapter,
        );
    }

    /** @return list<string> find-it boards, each with its boxes */
    public function foundIn(string $chapter): array
    {
        $boards = $this->idsWhere(
            static fn (array $thing): bool => $thing['kind'] === 'find' && $thing['chapter'] === $chapter,
        );
        $ids = static fn (array $thing): array => [$thing['id'], ...array_column($thing['boxes'] ?? [], 'id')];

        return array_merge([], ...array_map(fn (string $board): array => $ids($this->written($board)), $boards));
    }

    /** @return list<Thing> The covers that this lock lifts. */
    public function coversLiftedBy(string $lock): array
    {
        $covers = [];
        foreach (array_unique($this->coversBy()[$lock] ?? []) as $scene) {
            $lifted = array_filter(
                Things::flattened($this->scene($scene)->things ?? []),
                static fn (Thing $thing): bool => $thing->liftedBy() === $lock,
            );
            array_push($covers, ...array_values($lifted));
        }

        return $covers;
    }

    /** @return array<string, array<string, string>> lock → covers it lifts → their scenes */
    private function coversBy(): array
    {
        if ($this->coversBy === null) {
            $this->coversBy = [];
            foreach ($this->things() as $id => $thing) {
                if ($thing['by'] !== null) {
                    $this->coversBy[$thing['by']][$id] = $thing['scene'];
                }
            }
        }

        return $this->coversBy;
    }

    /**
     * The scenes as they are written. The indexes over all of them are made from these and not from nodes: a student's
     * action needs them, and must not cost the whole game.
     *
     * @return list<array<string, mixed>>
     */
    private function rawScenes(): array
    {
        /** @var list<array<string, mixed>> */
        return $this->document['scenes'] ?? [];
    }

    private function root(): Node
    {
        return Node::root($this->document);
    }

    /** @return array<string, int> */
    private function places(): array
    {
        if ($this->places !== null) {
            return $this->places;
        }
        $this->places = [];
        foreach ($this->rawScenes() as $place => $scene) {
            $this->places[$scene['id']] ??= $place;
        }

        return $this->places;
    }

    /** @return array<string, array{kind: string, scene: string, chapter: ?string, by: ?string}> */
    private function things(): array
    {
        if ($this->things !== null) {
            return $this->things;
        }
        $this->things = [];
        foreach ($this->rawScenes() as $scene) {
            foreach (Things::rawFlattened($scene['things'] ?? []) as $thing) {
                $this->things[$thing['id']] ??= [
                    'kind' => $thing['kind'],
                    'scene' => $scene['id'],
                    'chapter' => $scene['chapter'] ?? null,
                    'by' => ($thing['opens'] ?? '') === 'lock' ? $thing['lock'] ?? null : null,
                ];
            }
        }

        return $this->things;
    }

    /**
     * @param  callable(array{kind: string, scene: string, chapter: ?string, by: ?string}): bool  $fits
     * @return list<string>
     */
    private function idsWhere(callable $fits): array
    {
        return array_keys(array_filter($this->things(), $fits));
    }

    /**
     * @template T of object
     *
     * @param  list<Node>  $nodes
     * @param  callable(Node): T  $read
     * @return array<string, T>
     */
    private static function byId(array $nodes, callable $read): array
    {
        $parts = [];
        foreach ($nodes as $node) {
            $parts[$node->text('id')] ??= $read($node);
        }

        return $parts;
    }
}
