<?php

declare(strict_types=1);

namespace App\Play;

use App\Storage\GameFiles;
use Fravel\Document\Asset;
use Fravel\Document\GameDocument;
use Fravel\Edit\DocumentPath;
use Fravel\Support\Json;

/** A game ready to be played, with its texts already made into HTML. */
final readonly class CompiledEdition
{
    public GameDocument $game;

    public Rooms $rooms;

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, string>  $html  text → HTML
     * @param  array{given?: array<string, string>, locks?: array<string, list<string>>}  $rooms  as in Rooms
     */
    public function __construct(array $document, private array $html, array $rooms = [])
    {
        $this->game = GameDocument::of($document);
        $this->rooms = new Rooms(...$rooms);
    }

    /** A draft, whose texts are made into HTML when they are shown. */
    public static function ofDraft(GameDocument $game): self
    {
        return new self($game->document, [], get_object_vars(Rooms::in($game)));
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

    /**
     * To whom the files are owed that some scenes and tokens show: each once, without saying which. What is still to
     * come stays untold.
     *
     * @param  list<string>  $seen  scenes and tokens
     * @return list<string>
     */
    public function credits(array $seen): array
    {
        $owed = array_filter($this->game->assets(), static fn (Asset $asset): bool => self::owed($asset) !== '');
        if ($owed === []) {
            return [];
        }
        $seen = array_fill_keys($seen, true);
        $parts = [
            ...DocumentPath::entries($this->game->document, 'scenes'),
            ...DocumentPath::entries($this->game->document, 'tokens'),
        ];
        $shown = Json::write(array_filter($parts, static fn (array $part): bool => isset($seen[$part['id'] ?? ''])));
        $isSeen = static fn (string $id): bool => str_contains($shown, "\"{$id}\"")
            || str_contains($shown, "asset:{$id})");
        $lines = array_map(self::owed(...), array_filter($owed, $isSeen, ARRAY_FILTER_USE_KEY));

        return array_values(array_unique($lines));
    }

    private static function owed(Asset $asset): string
    {
        return trim("{$asset->credit} · {$asset->licence}", ' ·');
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
