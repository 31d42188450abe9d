<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Fravel\Answer\Typing\Meant;
use Fravel\Support\Node;
use Normalizer;

/**
 * What is made alike before text is compared, on both sides. Each switch may be set false; `space` may be "none". With
 * `strict` every switch is off that is not set; with `fair` articles are dropped, and Fairness says what more is alike;
 * with `typed` what a keyboard gives is taken for what was meant (Meant).
 *
 * The order is: width (NFKC), space, case (full fold), articles, accents (NFKD without marks), punctuation, space.
 * Apostrophes and hyphens join the words they stand between; other punctuation parts them. What would be cleaned away
 * whole (an answer such as "...") is compared as it was typed.
 */
final readonly class Cleaning
{
    /**
     * Stand in for the wildcards of `like` while the literal is cleaned: private-use characters nothing else touches.
     */
    private const WILDCARDS = ['*' => "\u{E000}", '?' => "\u{E001}"];

    /** Nobody sees or types them; they come along when text is pasted. */
    private const INVISIBLE = '\x{AD}\x{34F}\x{61C}\x{180B}-\x{180E}\x{200B}\x{200E}\x{200F}'
        .'\x{202A}-\x{202E}\x{2060}-\x{206F}\x{FEFF}\x{FFF9}-\x{FFFB}';

    /**
     * Seen only by what they do to their neighbours: they count in a text as it stands, and not where texts are
     * compared.
     */
    private const BINDING = '\x{200C}\x{200D}\x{FE00}-\x{FE0F}';

    private const JOINERS = "'’‘ʼ`´\-‐‑\u{AD}";

    private function __construct(
        public bool $case,
        public string|bool $space,
        public bool $accents,
        public bool $punctuation,
        public bool $width,
        public bool $articles,
        public Fairness $fairness,
        public Meant $meant,
        public string $language,
        public string $asked = '',
    ) {
    }

    public static function read(Node $node): self
    {
        $isUsual = ! $node->flag('strict');
        $isFair = $isUsual && $node->flag('fair');
        $space = $node->at('space')->value ?? $isUsual;
        if (! is_bool($space) && $space !== 'none') {
            $node->at('space')->wrong('true, false or "none"');
            $space = true;
        }

        return new self(
            $node->flag('case', $isUsual),
            $space,
            $node->flag('accents', $isUsual),
            $node->flag('punctuation', $isUsual),
            $node->flag('width', $isUsual),
            $node->flag('articles', $isFair),
            Fairness::read($node, $isFair),
            Meant::read($node, $isUsual && $node->flag('typed')),
            'en',
        );
    }

    public static function usual(string $language = 'en'): self
    {
        return self::read(Node::root([]))->in($language);
    }

    /** @param  string  $asked  the question, which may speak of a unit */
    public function in(string $language, string $asked = ''): self
    {
        return new self(
            $this->case,
            $this->space,
            $this->accents,
            $this->punctuation,
            $this->width,
            $this->articles,
            $this->fairness,
            $this->meant,
            $language,
            $asked,
        );
    }

    /** The same without what is fair and what was meant: answers are compared as they were written. */
    public function asWritten(): self
    {
        return new self(
            $this->case, $this->space, $this->accents, $this->punctuation, $this->width, false,
            Fairness::read(Node::root([]), false), Meant::asWritten(), $this->language,
        );
    }

    /** The same to the letter, but for capitals and room around: which of two rules an answer means. */
    public function exact(): self
    {
        return new self(
            $this->case, $this->space, false, false, false, false,
            Fairness::read(Node::root([]), false), Meant::asWritten(), $this->language,
        );
    }

    /** The text in composed form, without room around it and without what nobody can see. */
    public static function trim(string $text): string
    {
        if (self::isPlain($text)) {
            return trim($text);
        }
        $composed = Normalizer::normalize($text, Normalizer::FORM_C);

        $visible = (string) preg_replace('/['.self::INVISIBLE.']+/u', '', $composed === false ? '' : $composed);

        return (string) preg_replace('/^[\s\p{Z}]+|[\s\p{Z}]+$/u', '', $visible);
    }

    public function clean(string $text): string
    {
        $text = self::trim($this->width ? $this->normal($text, Normalizer::FORM_KC) : $text);
        $text = self::isPlain($text) ? $text : (string) preg_replace('/['.self::BINDING.']+/u', '', $text);
        $cleaned = $this->spaced($this->pointed($this->unmarked($this->withoutArticle($this->folded($text)))));

        return $cleaned === '' ? $text : $cleaned;
    }

    /** The text as whole answers are compared: cleaned, and fair to how a word may be written. */
    public function compared(string $text): string
    {
        return $this->fairness->joined($this->clean($this->fairness->parted($text)));
    }

    /** The text as it was meant, cleaned: as it is compared where its keys lack signs. */
    public function meant(string $text): string
    {
        return $this->compared($this->meant->of(self::trim($text)));
    }

    /** Cleans a literal whose `*` and `?` must survive. */
    public function cleanLike(string $literal): string
    {
        return strtr($this->clean(strtr($literal, self::WILDCARDS)), array_flip(self::WILDCARDS));
    }

    private function folded(string $text): string
    {
        return $this->case ? mb_convert_case($text, MB_CASE_FOLD) : $text;
    }

    private function withoutArticle(string $text): string
    {
        return $this->articles ? Articles::dropFrom($text, $this->language) : $text;
    }

    private function unmarked(string $text): string
    {
        if (! $this->accents || self::isPlain($text)) {
            return $text;
        }
        // Where width matters, taking marks away must not fold it after all.
        $bare = (string) preg_replace(
            '/\p{Mn}+/u',
            '',
            $this->normal($text, $this->width ? Normalizer::FORM_KD : Normalizer::FORM_D),
        );

        return $this->normal($bare, Normalizer::FORM_C);
    }

    private function pointed(string $text): string
    {
        if (! $this->punctuation) {
            return $text;
        }
        $joined = (string) preg_replace('/['.self::JOINERS.']+/u', '', $text);
        $parted = (string) preg_replace('/(?<=[\p{L}\p{N}])\p{P}+(?=[\p{L}\p{N}])/u', ' ', $joined);

        return (string) preg_replace('/\p{P}+/u', '', $parted);
    }

    private function spaced(string $text): string
    {
        return match ($this->space) {
            'none' => (string) preg_replace('/[\s\p{Z}]+/u', '', $text),
            true => self::trim((string) preg_replace('/[\s\p{Z}]+/u', ' ', $text)),
            default => $text,
        };
    }

    /** Text of ASCII alone is in every normal form already, and most answers are. */
    private static function isPlain(string $text): bool
    {
        return mb_check_encoding($text, 'ASCII');
    }

    /** @param  Normalizer::FORM_*  $form */
    private function normal(string $text, int $form): string
    {
        if (self::isPlain($text)) {
            return $text;
        }
        $normal = Normalizer::normalize($text, $form);

        return $normal === false ? '' : $normal;
    }
}
