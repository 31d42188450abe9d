<?php

declare(strict_types=1);

namespace App\Play\Maths;

use League\CommonMark\Node\Node;
use League\CommonMark\Renderer\ChildNodeRendererInterface;
use League\CommonMark\Renderer\NodeRendererInterface;
use League\CommonMark\Util\HtmlElement;
use League\CommonMark\Util\Xml;

/** The formula as text, for the page's script to draw; without scripts it is read as it was written. */
final class FormulaRenderer implements NodeRendererInterface
{
    public function render(Node $node, ChildNodeRendererInterface $childRenderer): HtmlElement
    {
        /** @var Formula $node */
        return new HtmlElement(
            'span',
            ['class' => $node->isDisplayed ? 'math math-display' : 'math'],
            Xml::escape($node->tex),
        );
    }
}
