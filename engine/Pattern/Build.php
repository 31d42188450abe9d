<?php

declare(strict_types=1);

namespace Fravel\Pattern;

use Fravel\Built\Played;
use Fravel\Document\GameDocument;
use Fravel\Document\Ids;
use Fravel\Edit\Blank;
use Fravel\Edit\Command;
use Fravel\Edit\Edited;
use Fravel\Edit\InsertPart;
use Fravel\Edit\Refusal;
use Fravel\Edit\RefusedCommand;
use Fravel\Edit\RemovePart;
use Fravel\Edit\SetField;
use Fravel\Edit\Together;
use Random\Randomizer;

/**
 * Builds a pattern into a game, as one command that is undone like any other.
 *
 * Behind a scene it takes the place of a way on from there, with whatever that depends on, and leads on to where that
 * led. A game that nobody has touched yet becomes the pattern; one without an ending gets one.
 */
final class Build
{
    /**
     * @param  array<string, string>  $words  for students, by the names patterns use
     * @param  string|null  $after  a scene
     * @param  string|null  $way  key of the Junction it takes the place of, where there are several
     * @param  string  $title  of a game that begins with it; '' leaves the one it has
     * @return Command|null  null when what the pattern needs is not given
     */
    public static function into(
        GameDocument $game,
        Pattern $pattern,
        Content $content,
        array $words,
        TeacherDefaults $usual,
        ?string $after,
        Randomizer $random = new Randomizer(),
        ?string $way = null,
        string $title = '',
    ): ?Command {
        foreach ($pattern->fields() as $field) {
            if (! $content->fills($field)) {
                return null;
            }
        }
        if ($pattern->faultIn($content) !== null) {
            return null;
        }
        $builder = new PatternBuilder($game->language(), Ids::in($game->document), $words, $usual, $random);
        $pattern->build($content, $builder);
        $isBlank = Blank::isUntouched($game->document);
        $scene = $isBlank || $after === null ? null : Junction::onFrom($game, $after, $way);
        $onward = $scene === null ? '' : $scene->leads;
        if (self::isLeft($builder->scenes) && ($isBlank || ($onward === '' && ! self::ends($game, $builder)))) {
            $onward = self::ending($builder);
        }
        $entry = (string) $builder->scenes[0]['id'];
        $joined = $isBlank
            ? [
                new SetField(Command::GAME, 'start', $entry),
                new RemovePart(Blank::SCENE),
                ...$title === '' ? [] : [new SetField(Command::GAME, 'title', $title)],
            ]
            : $scene?->to($entry) ?? [];

        return self::played(
            $game,
            new Together([...self::inserts($game, $builder, $onward, $scene), ...$joined]),
            $builder,
            $onward === '' && self::isLeft($builder->scenes),
        );
    }

    /** The command with the way that was played through what it builds; refused where that is not what was given. */
    private static function played(
        GameDocument $game, Together $command, PatternBuilder $builder, bool $isOpen,
    ): Command {
        $edited = $command->apply($game);
        if (! $edited instanceof Edited) {
            return $command;
        }
        $scenes = array_map(static fn (array $scene): string => (string) $scene['id'], $builder->scenes);
        $played = Played::of($edited->game, $builder->promises, $scenes, $isOpen);
        if ($played->fault !== null) {
            return new RefusedCommand(new Refusal("pattern.{$played->fault}", ['what' => $played->about]));
        }

        return new Together([
            ...$command->commands,
            self::kept($game, $builder, $played, $scenes[0], (string) $builder->scenes[0]['title']),
        ]);
    }

    /**
     * What was played through, as a walkthrough of the game.
     *
     * @param  string  $from  scene that it was entered by
     */
    public static function kept(
        GameDocument $game, PatternBuilder $builder, Played $played, string $from, string $title,
    ): InsertPart {
        $way = [
            'id' => $builder->id('way'), 'name' => $builder->say('playedThrough', ['scene' => $title]), 'seed' => 1,
        ] + ($played->game->start() === $from ? [] : ['from' => $from]) + ['steps' => $played->steps];

        return new InsertPart('walkthroughs', Command::GAME, self::last($game, 'walkthroughs'), $way);
    }

    /**
     * The pattern as a game of its own.
     *
     * @param  array<string, string>  $words
     * @return array<string, mixed>|null a document
     */
    public static function alone(
        Pattern $pattern,
        Content $content,
        array $words,
        TeacherDefaults $usual,
        Randomizer $random = new Randomizer(),
    ): ?array {
        $blank = GameDocument::of(Blank::game('', ['scene' => '', 'hello' => ''], $content->language));
        $edited = self::into($blank, $pattern, $content, $words, $usual, null, $random)?->apply($blank);

        /** @var array<string, mixed>|null */
        return $edited instanceof Edited ? $edited->game->document : null;
    }

    /**
     * Whether anything leads out of the arrangement.
     *
     * @param  array<array-key, mixed>  $parts
     */
    private static function isLeft(array $parts): bool
    {
        foreach ($parts as $key => $part) {
            if (($key === 'go' && $part === PatternBuilder::ONWARD) || (is_array($part) && self::isLeft($part))) {
                return true;
            }
        }

        return false;
    }

    /** @return string the id of an ending behind what was built, in the same chapter */
    private static function ending(PatternBuilder $builder): string
    {
        $chapter = $builder->scenes[array_key_last($builder->scenes)]['chapter'] ?? null;
        $builder->scene(
            $id = $builder->id('ending'),
            $builder->say('ending'),
            [],
            ($chapter === null ? [] : ['chapter' => $chapter]) + [
                'ending' => ['kind' => 'won', 'md' => $builder->say('ended')],
            ],
        );

        return $id;
    }

    private static function ends(GameDocument $game, PatternBuilder $builder): bool
    {
        $scenes = [...(array) ($game->document['scenes'] ?? []), ...$builder->scenes];

        return array_filter(
            $scenes,
            static fn (mixed $scene): bool => is_array($scene) && is_array($scene['ending'] ?? null),
        ) !== [];
    }

    /** @return list<InsertPart> */
    private static function inserts(GameDocument $game, PatternBuilder $builder, string $onward, ?Junction $from): array
    {
        $inserts = [];
        $chapter = $from?->chapter;
        foreach (
            [
                'chapters' => $builder->chapters,
                'tokens' => $builder->tokens,
                'tallies' => $builder->tallies,
                'scenes' => self::leading($builder->scenes, $onward),
            ] as $list => $parts
        ) {
            $after = $list === 'scenes' && $from !== null ? $from->scene : self::last($game, $list);
            foreach ($parts as $part) {
                $part += $list === 'scenes' && $chapter !== null ? ['chapter' => $chapter] : [];
                $inserts[] = new InsertPart($list, Command::GAME, $after, $part);
                $after = is_string($part['id']) ? $part['id'] : null;
            }
        }

        return $inserts;
    }

    private static function last(GameDocument $game, string $list): ?string
    {
        $parts = (array) ($game->document[$list] ?? []);
        $last = $parts === [] ? null : $parts[array_key_last($parts)];

        return is_array($last) && is_string($last['id'] ?? null) ? $last['id'] : null;
    }

    /**
     * @template T of array<array-key, mixed>
     *
     * @param  T  $parts
     * @return T the same, with its way out leading somewhere
     */
    private static function leading(array $parts, string $onward): array
    {
        array_walk_recursive($parts, static function (mixed &$value, string|int $key) use ($onward): void {
            if ($key === 'go' && $value === PatternBuilder::ONWARD) {
                $value = $onward;
            }
        });

        return $parts;
    }
}
