<?php

declare(strict_types=1);

namespace App\Packages;

use App\Actions\CreateGame;
use App\Clips\Captions;
use App\Clips\Container;
use App\Clips\UnableToTakeClip;
use App\Models\Game;
use App\Models\User;
use App\Pictures\Quota;
use App\Pictures\Taken;
use App\Pictures\UnableToTakePicture;
use App\Pictures\Upload;
use App\Storage\GameFiles;
use Fravel\Document\Salvage;
use Fravel\Document\Validation;
use Fravel\Support\Json;
use Fravel\Support\Problem;
use Fravel\Support\Template;

/** A package that becomes a game on somebody's shelf, with what is to be said of it. */
final class Brought
{
    /** Pictures of one package that are taken at most. */
    private const MOST_PICTURES = 300;

    /**
     * What this installation writes itself: a file that has the name that it gives to these bytes is taken as it is.
     */
    private const OURS = ['svg' => 'image/svg+xml', 'webp' => 'image/webp'];

    /** So many of the things left out are told one by one. */
    private const TOLD = 8;

    private const MOST_NOTES = 20;

    /** @var list<string> in words */
    private array $notes = [];

    private function __construct(public readonly Game $game)
    {
    }

    /** @throws UnableToReadPackage If there is no game in it. */
    public static function from(string $path, User $teacher, CreateGame $create): self
    {
        $archive = Archive::open($path);
        $document = $archive->document();
        $kept =
            Salvage::of($document) ??
            throw UnableToReadPackage::because(($document['fravel'] ?? null) === 1 ? 'no_game' : 'other_version');
        $brought = new self($create->handle($teacher, self::titled($kept->document)));
        $brought->tellLeft($kept->left);
        $brought->takePictures($archive, self::spoken($archive, $brought->game->read()->document));
        $brought->tellOpenEnds();

        return $brought;
    }

    /** @return list<string> what was wrong, and what was kept; empty when all is as it was */
    public function notes(): array
    {
        $more = count($this->notes) - self::MOST_NOTES;

        return $more > 0
            ? [...array_slice($this->notes, 0, self::MOST_NOTES), (string) __('packages.more', ['count' => $more])]
            : $this->notes;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function titled(array $document): array
    {
        return trim((string) $document['title']) === ''
            ? ['title' => (string) __('games.untitled')] + $document
            : $document;
    }

    /** @param  list<Problem>  $left */
    private function tellLeft(array $left): void
    {
        if ($left === []) {
            return;
        }
        $this->notes[] = (string) __('packages.left', ['count' => count($left)]);
        foreach (array_slice($left, 0, self::TOLD) as $problem) {
            $words = trans('problems')[$problem->code] ?? $problem->code;
            $said = Template::filled($words, $problem->arguments);
            $scene = (string) $problem->arguments['scene'];
            $this->notes[] = $scene === ''
                ? "{$said} ({$problem->place})"
                : (string) __('packages.in', ['scene' => $scene, 'said' => $said]);
        }
    }

    /**
     * What files of captions say becomes lines of their clips; those that have lines keep them, and need no file.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    private static function spoken(Archive $archive, array $document): array
    {
        $files = array_column($document['assets'] ?? [], 'file', 'id');
        $taken = [];
        foreach ($document['scenes'] ?? [] as $place => $scene) {
            foreach ($scene['things'] ?? [] as $at => $thing) {
                $asset = ($thing['kind'] ?? '') === 'clip' ? $thing['captions'] ?? '' : '';
                $lines = isset($files[$asset]) ? Captions::of($archive->file($files[$asset]) ?? '') : [];
                if ($lines !== []) {
                    $taken[$asset] = true;
                    $document['scenes'][$place]['things'][$at] = array_replace(
                        $thing, ['captions' => null, 'lines' => ($thing['lines'] ?? []) ?: $lines],
                    );
                }
            }
        }
        $document['assets'] = array_values(array_filter(
            $document['assets'] ?? [], static fn (array $asset): bool => ! isset($taken[$asset['id'] ?? '']),
        ));

        return $document;
    }

    /** @param  array<array-key, mixed>  $document */
    private function takePictures(Archive $archive, array $document): void
    {
        foreach ($document['assets'] ?? [] as $place => $asset) {
            $name = is_string($asset['file'] ?? null) ? $asset['file'] : '';
            try {
                $document['assets'][$place] = [...$asset, ...$this->taken($archive, $name, $place)];
            } catch (UnableToTakePicture|UnableToTakeClip $failure) {
                $this->notes[] = (string) __('packages.picture', [
                    'picture' => self::called($asset),
                    'why' => $failure->words(),
                ]);
            }
        }
        $this->game->update(['document' => Json::write($document)]);
    }

    /**
     * @return array{file?: string, type?: string} what the asset says of its file from now on
     *
     * @throws UnableToTakePicture|UnableToTakeClip If it can't be kept.
     */
    private function taken(Archive $archive, string $name, int $place): array
    {
        $bytes = $place < self::MOST_PICTURES ? $archive->file($name) : null;
        if ($bytes === null) {
            return GameFiles::among([$name]) === [] ? throw UnableToTakePicture::missing() : [];
        }
        Quota::admit($this->game, strlen($bytes), Quota::isClip($name));
        if (Quota::isClip($name)) {
            return $this->takenClip($bytes);
        }
        $kind = pathinfo($name, PATHINFO_EXTENSION);
        $isOurs = isset(self::OURS[$kind]) && GameFiles::nameOf($bytes, $kind) === basename($name);
        $kept = $isOurs
            ? ['file' => GameFiles::keep($bytes, $kind), 'type' => self::OURS[$kind]]
            : self::anew(Upload::ofBytes($bytes));
        Quota::count($this->game, $kept['file'], strlen($bytes));

        return $kept;
    }

    /**
     * @return array{file: string, type: string}
     *
     * @throws UnableToTakeClip If it is none.
     */
    private function takenClip(string $bytes): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'fravel-clip-');
        try {
            file_put_contents($path, $bytes);
            $container = Container::of($path);
            $file = GameFiles::take($path, $container->extension);
        } finally {
            is_file($path) && unlink($path);
        }
        Quota::count($this->game, $file, strlen($bytes));

        return ['file' => $file, 'type' => $container->type];
    }

    /** @return array{file: string, type: string} */
    private static function anew(Taken $picture): array
    {
        $asset = $picture->kept()['asset'];

        return ['file' => $asset['file'], 'type' => $asset['type']];
    }

    /** @param  array<array-key, mixed>  $asset */
    private static function called(array $asset): string
    {
        $alt = is_string($asset['alt'] ?? null) ? $asset['alt'] : '';

        return $alt === '' ? (string) ($asset['id'] ?? '') : $alt;
    }

    private function tellOpenEnds(): void
    {
        $open = count(Validation::ofReferences($this->game->read()->document));
        if ($open > 0) {
            $this->notes[] = (string) __('packages.open', ['count' => $open]);
        }
    }
}
