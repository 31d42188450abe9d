<?php

declare(strict_types=1);

namespace Fravel\Thing;

use Fravel\Document\Showing;
use Fravel\Support\Node;

/** A page outside the game, opened apart; the words say what to look for there. */
final readonly class Link extends Thing
{
    use Passive;

    public function __construct(Common $common, public string $url, public string $md)
    {
        parent::__construct($common);
    }

    public static function read(Node $node): self
    {
        $url = $node->text('url');
        if ($url !== '' && preg_match('~^https?://~i', $url) !== 1) {
            $node->at('url')->wrong('an address that begins with http:// or https://');
            $url = '';
        }

        return new self(Common::read($node), $url, $node->text('md'));
    }

    public static function schema(): array
    {
        return [
            'url' => ['type' => 'string', 'pattern' => '^$|^[hH][tT][tT][pP][sS]?://'],
            'md' => ['type' => 'string'],
        ];
    }

    public function shown(Showing $showing): array
    {
        return ['url' => $this->url, 'md' => $showing->fill($this->md)];
    }

    public function words(): array
    {
        return [new Words($this->md)];
    }

    public function lacksFile(): bool
    {
        return false;
    }
}
