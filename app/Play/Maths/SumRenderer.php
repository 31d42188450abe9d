<?php

declare(strict_types=1);

namespace App\Play\Maths;

use League\CommonMark\Node\Inline\Text;
use League\CommonMark\Node\Node;
use League\CommonMark\Renderer\ChildNodeRendererInterface;
use League\CommonMark\Renderer\NodeRendererInterface;
use League\CommonMark\Util\Xml;

/** Words as they are, but no line ends inside of a sum such as `2 × 8 =`. */
final class SumRenderer implements NodeRendererInterface
{
    /** A sign between two numbers, or a number and what is asked for; and one that waits for what comes. */
    private const BETWEEN = '~(?<=[\d?)²³]) ([×·÷:=+−–<>≤≥≈-]) (?=[\d?(…_])~u';

    private const AFTER = '~(?<=[\d)²³]) ([=<>≤≥≈])(?=\s|$)~u';

    public function render(Node $node, ChildNodeRendererInterface $childRenderer): string
    {
        assert($node instanceof Text);

        return Xml::escape(self::glued($node->getLiteral()));
    }

    public static function glued(string $text): string
    {
        $between = preg_replace(self::BETWEEN, "\u{A0}$1\u{A0}", $text) ?? $text;

        return preg_replace(self::AFTER, "\u{A0}$1", $between) ?? $between;
    }
}
