<?php

declare(strict_types=1);

namespace App\Play;

use App\Play\Maths\Formula;
use App\Play\Maths\FormulaParser;
use App\Play\Maths\FormulaRenderer;
use App\Play\Maths\SumRenderer;
use League\CommonMark\Environment\Environment;
use League\CommonMark\Extension\CommonMark\CommonMarkCoreExtension;
use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Extension\ExternalLink\ExternalLinkExtension;
use League\CommonMark\Extension\Table\TableExtension;
use League\CommonMark\MarkdownConverter;
use League\CommonMark\Node\Inline\Text;

/** The texts of a game as HTML: CommonMark with tables and formulas; raw HTML is shown as text, links open apart. */
final class Markdown
{
    private const KEYS = ['md', 'say', 'ask'];

    /** Bytes of a text that is read for its marks; a longer one is shown as it was written. */
    private const LONGEST = 60_000;

    private static ?MarkdownConverter $converter = null;

    public static function html(string $text): string
    {
        return strlen($text) > self::LONGEST
            ? '<p>'.nl2br(e($text)).'</p>'
            : trim(self::converter()->convert($text)->getContent());
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<string, string> every text of the document → its HTML; those with marks to fill are left out
     */
    public static function ofAll(mixed $document): array
    {
        $html = [];
        self::collect($document, $html);

        return $html;
    }

    /** @param  array<string, string>  $html */
    private static function collect(mixed $part, array &$html): void
    {
        if (! is_array($part)) {
            return;
        }
        foreach ($part as $key => $value) {
            if (is_array($value)) {
                self::collect($value, $html);
            } elseif (is_string($value) && in_array($key, self::KEYS, true) && ! str_contains($value, '{=')) {
                $html[$value] ??= self::html($value);
            }
        }
    }

    private static function converter(): MarkdownConverter
    {
        if (self::$converter !== null) {
            return self::$converter;
        }
        $environment = new Environment([
            'html_input' => 'escape',
            'allow_unsafe_links' => false,
            'max_nesting_level' => 50,
            // A line ends where the teacher ended it.
            'renderer' => ['soft_break' => "<br />\n"],
            'external_link' => ['open_in_new_window' => true, 'internal_hosts' => []],
        ]);
        $environment->addExtension(new CommonMarkCoreExtension);
        $environment->addExtension(new TableExtension);
        $environment->addExtension(new ExternalLinkExtension);
        $environment->addInlineParser(new FormulaParser, 100);
        $environment->addRenderer(Formula::class, new FormulaRenderer);
        $environment->addRenderer(Text::class, new SumRenderer, 10);
        $environment->addRenderer(Image::class, new PictureRenderer, 10);

        return self::$converter = new MarkdownConverter($environment);
    }
}
