<?php

declare(strict_types=1);

namespace App\Pictures;

use DOMAttr;
use DOMDocument;
use DOMElement;
use DOMNode;
use XMLReader;

/** An SVG with nothing in it that runs or fetches: only what is known to be harmless is kept. */
final class Drawing
{
    private const ELEMENTS = [
        'svg',
        'g',
        'defs',
        'symbol',
        'use',
        'title',
        'desc',
        'path',
        'rect',
        'circle',
        'ellipse',
        'line',
        'polyline',
        'polygon',
        'text',
        'tspan',
        'textpath',
        'lineargradient',
        'radialgradient',
        'stop',
        'clippath',
        'mask',
        'pattern',
        'marker',
        'filter',
        'fegaussianblur',
        'feoffset',
        'feblend',
        'fecolormatrix',
        'feflood',
        'fecomposite',
        'femerge',
        'femergenode',
        'femorphology',
        'fedropshadow',
    ];

    /** Bytes at most; our largest drawing has a fiftieth of it. */
    private const LARGEST = 3_000_000;

    /** Elements at most, counted before any tree is built; and how deep they may stand in one another. */
    private const MOST_PARTS = 50_000;

    private const DEEPEST = 60;

    private const XLINK = 'http://www.w3.org/1999/xlink';

    /**
     * What in a value runs, fetches, or hides from being looked at; `url()` of a part of the drawing itself is cut out
     * before.
     */
    private const HARM = '/[\\\\]|\/\*|javascript:|data:|expression\s*\(|@|url\s*\(|image\s*\(|image-set\s*\('
        .'|cross-fade\s*\(|element\s*\(|src\s*\(|\/\/|https?:/i';

    private const OWN_PART = '/url\(\s*([\'"]?)#[\w.:-]+\1\s*\)/i';

    /** @throws UnableToTakePicture If it is no SVG, too large, or nothing can be kept of it. */
    public static function cleaned(string $text): string
    {
        if (strlen($text) > self::LARGEST) {
            throw UnableToTakePicture::intricate();
        }
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', $text) === 1) {
            $text = (string) preg_replace('/<!DOCTYPE[^>\[]*(?:\[[^\]]*\])?[^>]*>/i', '', $text);
        }
        self::count($text);
        $document = new DOMDocument();
        $isRead = @$document->loadXML($text, LIBXML_NONET);
        $root = $document->documentElement;
        if (! $isRead || $root === null || strtolower($root->localName ?? '') !== 'svg') {
            throw UnableToTakePicture::unreadable();
        }
        self::clean($root);
        self::flatten($document);

        return (string) $document->saveXML($root);
    }

    /** @throws UnableToTakePicture If it has more parts than a drawing needs. */
    private static function count(string $text): void
    {
        $reader = new XMLReader();
        $isOpen = @$reader->XML($text, null, LIBXML_NONET);
        for ($parts = 0; $isOpen && @$reader->read();) {
            $parts += $reader->nodeType === XMLReader::ELEMENT ? 1 : 0;
            if ($parts > self::MOST_PARTS || $reader->depth > self::DEEPEST) {
                throw UnableToTakePicture::intricate();
            }
        }
    }

    private static function clean(DOMElement $element): void
    {
        /** @var DOMAttr $attribute */
        foreach (iterator_to_array($element->attributes ?? [], false) as $attribute) {
            if (! self::isHarmless($attribute)) {
                $element->removeAttributeNode($attribute);
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

    /** By namespace and local name: a prefix can be any word, and `xml:base` would lead every `#part` elsewhere. */
    private static function isHarmless(DOMAttr $attribute): bool
    {
        $name = strtolower((string) $attribute->localName);
        $value = trim((string) $attribute->nodeValue);
        if ($name === 'href') {
            return in_array($attribute->namespaceURI, [null, self::XLINK], true) &&
                preg_match('/^#[\w.:-]+$/D', $value) === 1;
        }
        if ($attribute->namespaceURI !== null) {
            return $attribute->prefix === 'xml' && $name === 'space';
        }

        return ! str_starts_with($name, 'on') &&
            preg_match(self::HARM, (string) preg_replace(self::OWN_PART, '', $value)) !== 1;
    }

    /** What is used uses nothing itself: a few uses of uses of uses would make millions of parts on every screen. */
    private static function flatten(DOMDocument $document): void
    {
        $using = [];
        $uses = iterator_to_array($document->getElementsByTagName('use'), false);
        foreach ($uses as $use) {
            for ($node = $use; $node instanceof DOMElement; $node = $node->parentNode) {
                $using[$node->getAttribute('id')] = true;
            }
        }
        unset($using['']);
        foreach ($uses as $use) {
            $target = substr($use->getAttribute('href') ?: $use->getAttributeNS(self::XLINK, 'href'), 1);
            if (isset($using[$target])) {
                $use->parentNode?->removeChild($use);
            }
        }
    }
}
