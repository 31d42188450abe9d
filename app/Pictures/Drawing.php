<?php

declare(strict_types=1);

namespace App\Pictures;

use DOMDocument;
use DOMElement;
use DOMNode;

/** An SVG with nothing in it that runs or fetches: what is not known to be harmless is left out. */
final class Drawing
{
    private const ELEMENTS = [
        'svg', 'g', 'defs', 'symbol', 'use', 'title', 'desc', 'path', 'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'text', 'tspan', 'textpath',
        'lineargradient', 'radialgradient', 'stop', 'clippath', 'mask', 'pattern', 'marker', 'filter', 'fegaussianblur', 'feoffset', 'feblend', 'fecolormatrix',
        'feflood', 'fecomposite', 'femerge', 'femergenode', 'femorphology', 'fedropshadow',
    ];

    private const REFERRING = ['href', 'xlink:href'];

    /** @throws UnableToTakePicture If it is no SVG, or nothing can be kept of it. */
    public static function cleaned(string $text): string
    {
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text) === 1) {
            $text = (string) preg_replace('/<!DOCTYPE[^>\[]*(?:\[[^\]]*\])?[^>]*>/i', '', $text);
        }
        $document = new DOMDocument;
        $isRead = @$document->loadXML($text, LIBXML_NONET);
        $root = $document->documentElement;
        if (! $isRead || $root === null || strtolower($root->localName ?? '') !== 'svg') {
            throw UnableToTakePicture::unreadable();
        }
        self::clean($root);

        return (string) $document->saveXML($root);
    }

    private static function clean(DOMElement $element): void
    {
        foreach (iterator_to_array($element->attributes ?? []) as $attribute) {
            if (! self::isHarmless(strtolower($attribute->nodeName), trim($attribute->nodeValue ?? ''))) {
                $element->removeAttribute($attribute->nodeName);
            }
        }
        /** @var list<DOMNode> $children */
        $children = iterator_to_array($element->childNodes);
        foreach ($children as $child) {
            if ($child instanceof DOMElement && in_array(strtolower($child->localName ?? ''), self::ELEMENTS, true)) {
                self::clean($child);
            } elseif ($child->nodeType !== XML_TEXT_NODE && $child->nodeType !== XML_CDATA_SECTION_NODE) {
                $element->removeChild($child);
            }
        }
    }

    private static function isHarmless(string $name, string $value): bool
    {
        if (str_starts_with($name, 'on') || preg_match('/javascript:|expression\(|@import/i', $value) === 1) {
            return false;
        }
        if (in_array($name, self::REFERRING, true)) {
            return str_starts_with($value, '#');
        }

        return preg_match('/url\(\s*[\'"]?(?!#)/i', $value) !== 1;
    }
}
