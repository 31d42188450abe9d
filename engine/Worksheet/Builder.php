<?php

declare(strict_types=1);

namespace Fravel\Worksheet;

use Fravel\Built\Played;
use Fravel\Built\Promise;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Random\Randomizer;

/** Builds a game from rows: a chapter for each room, each question a lock, each leading on, an ending. */
final class Builder
{
    /** @var array<string, true> ids given so far */
    private array $taken = [];

    /** @var array<string, Promise> lock → what was given for it */
    private array $promises = [];

    private readonly LockFields $locks;

    /**
     * @param  array{chapter: string, scene: string, ending: string, said: string}  $words titles, where the rows have
     *     none
     */
    private function __construct(
        private readonly string $language,
        private readonly array $words,
        private readonly Randomizer $random,
    ) {
        $this->locks = new LockFields($language, $random);
    }

    /**
     * @param  list<Row>  $rows  those that are not buildable are left out
     * @param  array{chapter: string, scene: string, ending: string, said: string}  $words  `scene` takes :room and
     *     :number
     * @return array<string, mixed> a document
     */
    public static function build(
        array $rows,
        string $title,
        string $language,
        array $words,
        Randomizer $random = new Randomizer(),
    ): array {
        return (new self($language, $words, $random))->game(
            array_values(array_filter($rows, static fn (Row $row): bool => $row->isBuildable())),
            $title,
        );
    }

    /**
     * The same, played with what was given before it is called built.
     *
     * @param  list<Row>  $rows
     * @param  array{chapter: string, scene: string, ending: string, said: string, way: string}  $words  `way` is what
     *     the way is called that was played through it
     */
    public static function played(
        array $rows, string $title, string $language, array $words, Randomizer $random = new Randomizer(),
    ): Played {
        $builder = new self($language, $words, $random);
        $buildable = array_filter($rows, static fn (Row $row): bool => $row->isBuildable());
        $document = $builder->game(array_values($buildable), $title);
        $scenes = array_column($document['scenes'], 'id');

        return Played::of(GameDocument::of($document), $builder->promises, $scenes)
            ->kept($builder->id('way'), $words['way']);
    }

    /**
     * @param  list<Row>  $rows
     * @return array<string, mixed>
     */
    private function game(array $rows, string $title): array
    {
        $chapters = [];
        $scenes = [];
        foreach ($this->byRoom($rows) as $room => $inRoom) {
            $chapter = $this->id((string) $room);
            $places = array_map(
                fn (Row $row, int $place): array => $this->scene($row, (string) $room, $place + 1, $chapter),
                $inRoom,
                array_keys($inRoom),
            );
            $chapters[] = ['id' => $chapter, 'title' => (string) $room, 'start' => $places[0]['id']];
            array_push($scenes, ...$places);
        }
        $end = $this->id('the-end');

        return [
            'fravel' => 1,
            'title' => $title,
            'language' => $this->language,
            'start' => $scenes[0]['id'] ?? $end,
            'about' => ['summary' => ''],
            'chapters' => $chapters,
            'tokens' => [],
            'tallies' => [],
            'assets' => [],
            'scenes' => [...$this->linked($scenes, $end), $this->ending($end)],
        ];
    }

    /**
     * @param  list<Row>  $rows
     * @return array<string, list<Row>> in the order in which the rooms first come
     */
    private function byRoom(array $rows): array
    {
        $rooms = [];
        foreach ($rows as $row) {
            $rooms[$row->room === '' ? $this->words['chapter'] : $row->room][] = $row;
        }

        return $rooms;
    }

    /** @return array<string, mixed> */
    private function scene(Row $row, string $room, int $number, string $chapter): array
    {
        $fields = $this->locks->of($row, $this->id(...));
        $this->promises[$id = $this->id('lock')] = Promised::of($row, $fields['input'], $this->language);
        $lock = [
            'id' => $id,
            'kind' => 'lock',
            'label' => strtr($this->words['scene'], [':room' => $room, ':number' => (string) $number]),
            'ask' => $fields['ask'],
            'input' => $fields['input'],
            'clean' => ['fair' => true, 'typed' => true],
            'rules' => [['match' => $fields['match'], 'verdict' => 'open', 'say' => '', 'go' => '']],
            'otherwise' => $row->feedback === '' ? [] : [['say' => $row->feedback]],
        ];

        return [
            'id' => $this->id('scene'),
            'chapter' => $chapter,
            'title' => $lock['label'],
            'layout' => 'page',
            'waits' => true,
            'things' => [$lock],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $scenes
     * @return list<array<string, mixed>>
     */
    private function linked(array $scenes, string $end): array
    {
        foreach (array_keys($scenes) as $place) {
            $scenes[$place]['things'][0]['rules'][0]['go'] = $scenes[$place + 1]['id'] ?? $end;
        }

        return $scenes;
    }

    /** @return array<string, mixed> */
    private function ending(string $id): array
    {
        return [
            'id' => $id,
            'title' => $this->words['ending'],
            'layout' => 'page',
            'things' => [],
            'ending' => ['kind' => 'won', 'md' => $this->words['said']],
        ];
    }

    private function id(string $stem): string
    {
        $id = Ids::drawn($stem, $this->taken, $this->random);
        $this->taken[$id] = true;

        return $id;
    }
}
