<?php

declare(strict_types=1);

namespace App\Words;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Illuminate\Support\HtmlString;

/**
 * The languages that the interface speaks: a folder of `lang/` each. One that has words for the workshop serves
 * teachers, one that has words for plays serves students.
 */
final class Languages
{
    /** Spoken where nobody asked for one that is known. */
    public const ELSE = 'en';

    private const TEACHERS = 'workshop';

    private const STUDENTS = 'play';

    /** @var array<string, list<string>> file → languages that have it */
    private static array $having = [];

    /** @return list<string> */
    public static function ofTeachers(): array
    {
        return self::having(self::TEACHERS);
    }

    /** @return list<string> */
    public static function ofStudents(): array
    {
        return self::having(self::STUDENTS);
    }

    /** Speaks to students in the language of their game, where it is one of ours. */
    public static function speakIn(string $language): void
    {
        App::setLocale(self::nearest([$language], self::ofStudents()));
    }

    /** What a game begins in: what the teacher's browser asks for, where students can be spoken to in it. */
    public static function ofNewGame(Request $request): string
    {
        return self::nearest(self::asked($request), self::ofStudents());
    }

    /**
     * Speaks another language for as long as something takes.
     *
     * @template T
     *
     * @param  Closure(): T  $act
     * @return T
     */
    public static function within(string $language, Closure $act): mixed
    {
        $spoken = App::getLocale();
        self::speakIn($language);
        try {
            return $act();
        } finally {
            App::setLocale($spoken);
        }
    }

    /** The attribute that marks words of another language than the page's. */
    public static function mark(string $language): HtmlString
    {
        return new HtmlString($language === App::getLocale() ? '' : 'lang="'.e($language).'"');
    }

    /** @return list<string> what a browser asks for, the dearest first */
    public static function asked(Request $request): array
    {
        return array_values($request->getLanguages());
    }

    /**
     * @param  list<string>  $asked  such as `de_CH`, the dearest first
     * @param  list<string>  $known
     */
    public static function nearest(array $asked, array $known): string
    {
        foreach ($asked as $tag) {
            $language = strtolower((string) strtok($tag, '-_'));
            if (in_array($language, $known, true)) {
                return $language;
            }
        }

        return self::ELSE;
    }

    /** @return list<string> */
    private static function having(string $file): array
    {
        return self::$having[$file] ??= array_map(
            static fn (string $path): string => basename(dirname($path)),
            glob(App::langPath("*/{$file}.php")) ?: [],
        );
    }
}
