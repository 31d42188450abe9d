<?php

declare(strict_types=1);

namespace Fravel\Answer;

use Brick\Math\BigDecimal;
use Brick\Math\BigInteger;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Normalizer;

/**
 * A number as people type it, read exactly.
 *
 * A lone comma or point with exactly three digits after it is read by the language; where what stands before it could
 * not be a group (nothing, a 0, more than three digits) it is a decimal mark.
 */
final class Number
{
    /** Longer than this is no number a student types. */
    private const LONGEST = 100;

    /** Powers of ten past this are refused: they cost memory and mean nothing in an answer. */
    private const HIGHEST_POWER = 300;

    private const POINT_LANGUAGES = ['en', 'ga', 'cy', 'he', 'hi', 'ja', 'ko', 'ms', 'mt', 'th', 'zh'];

    public static function read(string $text, string $language): ?BigRational
    {
        if (strlen($text) > self::LONGEST) {
            return null;
        }
        $text = self::plain($text);
        if (str_ends_with($text, '%')) {
            return self::signed(rtrim(substr($text, 0, -1)), $language)?->dividedBy(100)->simplified();
        }

        return self::signed($text, $language)?->simplified();
    }

    /** A number of a document. */
    public static function of(int|float $value): BigRational
    {
        return BigDecimal::of((string) $value)->toBigRational();
    }

    /** Half away from zero, to so many decimal places. */
    public static function rounded(BigRational $number, int $places): BigDecimal
    {
        return $number->toScale($places, RoundingMode::HALF_UP);
    }

    private static function plain(string $text): string
    {
        $text = strtr($text, [
            '⁰' => '^0',
            '¹' => '^1',
            '²' => '^2',
            '³' => '^3',
            '⁴' => '^4',
            '⁵' => '^5',
            '⁶' => '^6',
            '⁷' => '^7',
            '⁸' => '^8',
            '⁹' => '^9',
            '⁻' => '^-',
        ]);
        $text = (string) preg_replace('/(?<=\d)(?=[¼½¾⅓⅔⅛⅜⅝⅞⅕⅖⅗⅘⅙⅚])/u', ' ', $text);
        $text = (string) preg_replace('/(\^-?)(?:\^)?(\d)(?:\^(\d))?(?:\^(\d))?/', '$1$2$3$4', $text);
        $normal = Normalizer::normalize($text, Normalizer::FORM_KC);
        $text = strtr($normal === false ? '' : $normal, ['−' => '-', '–' => '-', '⁄' => '/', '’' => "'", '∙' => '·']);

        return trim((string) preg_replace('/[\s\p{Z}]+/u', ' ', $text));
    }

    private static function signed(string $text, string $language): ?BigRational
    {
        $sign = 1;
        if ($text !== '' && ($text[0] === '-' || $text[0] === '+')) {
            $sign = $text[0] === '-' ? -1 : 1;
            $text = ltrim(substr($text, 1));
        }

        return self::unsigned($text, $language)?->multipliedBy($sign);
    }

    private static function unsigned(string $text, string $language): ?BigRational
    {
        if (preg_match('~^(?:(\d+) )?(\d+) ?/ ?(\d+)$~D', $text, $part) === 1) {
            return self::fraction($part[1], $part[2], $part[3]);
        }
        if (preg_match('~^(.+?) ?(?:[eE]|[×xX*·] ?10 ?\^) ?([+-]?\d{1,3})$~uD', $text, $part) === 1) {
            $power = (int) $part[2];

            return abs($power) > self::HIGHEST_POWER
                ? null
                : self::numeral($part[1], $language)?->multipliedBy(self::tenTo($power));
        }

        return self::numeral($text, $language);
    }

    private static function fraction(string $whole, string $above, string $below): ?BigRational
    {
        if (BigInteger::of($below)->isZero()) {
            return null;
        }

        return BigRational::nd($above, $below)->plus($whole === '' ? 0 : $whole);
    }

    private static function tenTo(int $power): BigRational
    {
        $ten = BigInteger::of(10)->power(abs($power));

        return $power < 0 ? BigRational::nd(1, $ten) : BigRational::of($ten);
    }

    private static function numeral(string $text, string $language): ?BigRational
    {
        if (preg_match('/^[\d .,\']*\d$|^\d+[.,]$/D', $text) !== 1) {
            return null;
        }
        $decimal = self::decimalMark($text, $language);
        $cut = $decimal === null ? false : strrpos($text, $decimal);
        $before = $cut === false ? $text : substr($text, 0, $cut);
        $after = $cut === false ? '' : substr($text, $cut + 1);
        if (preg_match('/^\d*$/D', $after) !== 1 || ! self::isGrouped($before)) {
            return null;
        }
        $digits = (string) preg_replace('/\D/', '', $before);

        return BigDecimal::of(($digits === '' ? '0' : $digits).'.'.($after === '' ? '0' : $after))->toBigRational();
    }

    /** Which of the marks in the text parts the whole from the rest; null when all of them group. */
    private static function decimalMark(string $text, string $language): ?string
    {
        $commas = substr_count($text, ',');
        $points = substr_count($text, '.');
        if ($commas > 0 && $points > 0) {
            return strrpos($text, ',') > strrpos($text, '.') ? ',' : '.';
        }
        if ($commas + $points !== 1) {
            return null;
        }
        $mark = $commas === 1 ? ',' : '.';
        if (preg_match('/^[1-9]\d{0,2}[.,]\d{3}$/D', $text) !== 1) {
            return $mark;
        }

        return $mark === self::usualMark($language) ? $mark : null;
    }

    private static function usualMark(string $language): string
    {
        return in_array(strtolower(substr($language, 0, 2)), self::POINT_LANGUAGES, true) ? '.' : ',';
    }

    private static function isGrouped(string $whole): bool
    {
        return preg_match('/^\d*$|^\d{1,3}([ .,\'])\d{3}(?:\1\d{3})*$/D', $whole) === 1;
    }
}
