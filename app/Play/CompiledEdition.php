<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\GameFiles;
use Fravel\Document\Asset;
use Fravel\Document\GameDocument;

/** A game ready to be played, with its texts already made into HTML. */
final readonly class CompiledEdition
{
    public GameDocument $game;

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, string>  $html  text → HTML
     */
    public function __construct(array $document, private array $html)
    {
        $this->game = GameDocument::of($document);
    }

    /** A draft, whose texts are made into HTML when they are shown. */
    public static function ofDraft(GameDocument $game): self
    {
        return new self($game->document, []);
    }

    public function html(string $text): string
    {
        $html = $this->html[$text] ?? Markdown::html($text);

        return str_contains($html, 'src="asset:') ? $this->withPictures($html) : $html;
    }

    /** Pictures of the game that a text shows; one that is not there is left out. */
    private function withPictures(string $html): string
    {
        return (string) preg_replace_callback(
            '/<img src="asset:([^"]*)"([^>]*)>/',
            function (array $part): string {
                $url = $this->url($part[1]);

                return $url === null ? '' : "<img src=\"{$url}\"{$part[2]}>";
            },
            $html,
        );
    }

    /** Where a file of the game is served, or null when there is none. */
    public function url(?string $asset): ?string
    {
        return GameFiles::url($this->game->assets()[$asset ?? '']->file ?? '');
    }

    /** @return list<string> to whom pictures are owed, each once, without saying which */
    public function credits(): array
    {
        $lines = array_map(
            static fn (Asset $asset): string => trim("{$asset->credit} · {$asset->licence}", ' ·'),
            $this->game->assets(),
        );

        return array_values(array_unique(array_filter($lines, static fn (string $line): bool => $line !== '')));
    }

    /** The kind of a file as browsers call it; '' where there is none. */
    public function type(?string $asset): string
    {
        return $this->game->assets()[$asset ?? '']->type ?? '';
    }

    public function alt(?string $asset): string
    {
        return $this->game->assets()[$asset ?? '']->alt ?? '';
    }
}
