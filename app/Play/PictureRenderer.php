<?php

declare(strict_types=1);

namespace App\Play;

use League\CommonMark\Extension\CommonMark\Node\Inline\Image;
use League\CommonMark\Extension\CommonMark\Renderer\Inline\ImageRenderer;
use League\CommonMark\Node\Inline\Newline;
use League\CommonMark\Node\Node;
use League\CommonMark\Node\NodeIterator;
use League\CommonMark\Node\StringContainerInterface;
use League\CommonMark\Renderer\ChildNodeRendererInterface;
use League\CommonMark\Renderer\NodeRendererInterface;
use League\CommonMark\Util\Xml;
use League\Config\ConfigurationAwareInterface;
use League\Config\ConfigurationInterface;
use Stringable;

/** Pictures of the game. One from elsewhere would be fetched there by each who reads it: its words stand for it. */
final class PictureRenderer implements ConfigurationAwareInterface, NodeRendererInterface
{
    private const OURS = 'asset:';

    private readonly ImageRenderer $pictures;

    public function __construct()
    {
        $this->pictures = new ImageRenderer();
    }

    public function render(Node $node, ChildNodeRendererInterface $childRenderer): Stringable|string
    {
        assert($node instanceof Image);

        return str_starts_with($node->getUrl(), self::OURS)
            ? $this->pictures->render($node, $childRenderer)
            : Xml::escape(self::words($node));
    }

    public function setConfiguration(ConfigurationInterface $configuration): void
    {
        $this->pictures->setConfiguration($configuration);
    }

    private static function words(Image $picture): string
    {
        $words = '';
        foreach (new NodeIterator($picture) as $part) {
            $words .= match (true) {
                $part instanceof StringContainerInterface => $part->getLiteral(),
                $part instanceof Newline => ' ',
                default => '',
            };
        }

        return $words;
    }
}
