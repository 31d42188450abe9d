<?php

declare(strict_types=1);

namespace Tests\Support\Browser;

use Tests\Support\Browser;
use Tests\Support\Builder;
use Tests\Support\Server;

/** What FilmTest is about: a film that is brought, gets its stops of a paste, and is watched. */
final class FilmCases
{
    /** Four parts with a way into each, and seven more stops: two with rounds, one that goes by, one with gaps. */
    public const ROWS = [
        '0:01; Where would you begin?; light → 0:00 | glass → 0:14 | two surfaces → 0:23 | the lens turns → 0:45',
        '0:07; True of light?; *straight | in circles || *from a lamp | from the eye || *fast | slow || *seen | heard',
        '0:12; What stops it?; *a card | a song; Look at the card.; 0:07–0:11',
        '0:18–0:21; **At a slant** means from the side.',
        '0:28; True of glass?; *it bends light | it makes light || *clear | dark || *hard | soft',
        '0:33; Where does it bend?; *at both surfaces | only inside; Watch the edges.; 0:24–0:32',
        '0:44; A lens bends the [outer] rays most.',
        '1:00; Once more.',
    ];

    private const FILE = '/database/demo/how-the-lens-turns/assets/lens.webm';

    /** A new game with the drawn film in its scene. */
    public static function brought(string $title): Builder
    {
        $builder = Builder::ofNewGame($title)->click('[data-add="clip"]')
            ->chooseFiles('[data-key="bring.file"]', [dirname(__DIR__, 3).self::FILE]);
        $builder->browser->see('0.73 MB · 1:02');
        $builder->click('[data-key="bring.take"]');
        $builder->browser->until(fn (): bool => $builder->browser->script(
            'return document.querySelector(".film-media")?.duration > 60',
        ));

        return $builder;
    }

    /** @param  list<string>  $rows */
    public static function stops(Builder $builder, array $rows): Builder
    {
        $builder->click('[data-key="film.paste"]')->paste('[data-key="paste.rows"]', implode("\n", $rows));
        $builder->browser->until(
            fn (): bool => $builder->browser->has('[data-key="paste.take"]:not([disabled])'),
        );
        $builder->click('[data-key="paste.take"]');
        $count = count($rows);
        $builder->browser->until(fn (): bool => $count === $builder->browser->script(
            'return document.querySelectorAll(".film-stop-mark").length',
        ));

        return $builder;
    }

    /** Its film in small pieces, as one that was cut where stops wait at 0:04 and 0:12. */
    public static function cut(Builder $builder): Builder
    {
        $folder = Server::start()->folder.'/files';
        $builder->kept();
        $file = basename($builder->document()['assets'][0]['file']);
        is_dir("{$folder}/pieces") || mkdir("{$folder}/pieces");
        $all = array_map(static function (float $from, float $until, int $place) use ($folder): array {
            $name = str_repeat((string) $place, 64).'.mp4';
            copy(__DIR__."/pieces/p{$place}.mp4", "{$folder}/{$name}");

            return ['file' => "assets/{$name}", 'from' => $from, 'until' => $until];
        }, [0.0, 4.0, 12.0], [4.0, 12.0, 62.0], [0, 1, 2]);
        file_put_contents("{$folder}/pieces/{$file}-".hash('xxh128', '4.000 12.000').'.json', json_encode($all));

        return $builder;
    }

    /** Rehearses from the scene of the film. */
    public static function watched(Builder $builder): Browser
    {
        $student = $builder->kept()->click('#rehearse')->see('Rehearsal');
        $student->click('[data-film-begin]');

        return $student;
    }

    /** Winds the film to shortly before a time, and waits until the page of the stop says so. */
    public static function runTo(Browser $student, float $at, string $says): Browser
    {
        // Whoever has read what was said need not wait until the film goes on by itself.
        $student->until(fn (): bool => $student->script(
            'const isStopped = document.querySelector("[data-film]").matches(".film-stopped");'
                .'if (isStopped) document.querySelector(\'#scene form.act [value="continue"]\')?.form.requestSubmit();'
                .'return !isStopped && !document.querySelector("video").seeking',
        ));
        $student->script('document.querySelector("video").currentTime = arguments[0]', $at - 0.4);

        return $student->see($says);
    }

    /**
     * @param  array{int, int}  $from  on the screen
     * @param  array{int, int}  $to
     */
    public static function drag(Browser $browser, array $from, array $to): void
    {
        $move = static fn (int $x, int $y): array => [
            'type' => 'pointerMove', 'duration' => 40, 'x' => $x, 'y' => $y,
        ];
        $middle = $move(intdiv($from[0] + $to[0], 2), $from[1]);
        $browser->perform(Browser::mouse([
            $move(...$from), ['type' => 'pointerDown', 'button' => 0], $middle, $move(...$to),
            ['type' => 'pointerUp', 'button' => 0],
        ]));
    }

    /** Where the film stands, in seconds. */
    public static function at(Browser $student): float
    {
        return (float) $student->script('return document.querySelector("video").currentTime');
    }

    /** @param  list<string>  $words  one of which stands at the option that is picked */
    public static function pick(Browser $student, array $words): Browser
    {
        $student->until(fn (): bool => $student->script(
            'const option = [...document.querySelectorAll(".option")].find((one) => '
                .'arguments[0].includes(one.textContent.trim())); option?.querySelector("input").click(); '
                .'return Boolean(option)',
            $words,
        ));

        return $student->click('.lock .try');
    }

    /** @param  list<string>  $words  put into the gaps in their order */
    public static function place(Browser $student, array $words): void
    {
        foreach ($words as $gap => $word) {
            $student->script(
                '[...document.querySelectorAll(".chip")]'
                    .'.find((chip) => chip.textContent.trim() === arguments[0]).click();'
                    .'document.querySelectorAll(".slot")[arguments[1]].click()', $word, $gap,
            );
        }
    }

    public static function isRunning(Browser $student): bool
    {
        return $student->script('return !document.querySelector("video").paused');
    }
}
