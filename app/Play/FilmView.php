<?php

declare(strict_types=1);

namespace App\Play;

use App\Clips\Pieces;
use App\Storage\GameFiles;
use Fravel\Document\Showing;
use Fravel\Thing\Things;

/**
 * A clip as a student's page shows it: what a script needs to run it, and what stands in for it where it can't be
 * played.
 *
 * @phpstan-type Open array{at: float, lasts: float|null, place: string, isDone: bool}
 */
final readonly class FilmView
{
    /** Files of which only the sound is there. */
    private const SOUNDS = 'audio/';

    /**
     * @param  array<string, mixed>  $clip  as the engine shows it
     * @param  array{id: string, at: float, lasts: float|null, place: string, isDone: bool}|null  $stop  the stop that
     *     is open; null while the film runs
     */
    private function __construct(private array $clip, public ?array $stop, private Screen $screen)
    {
    }

    /** @param  array<string, mixed>  $clip  a clip among the things of a scene */
    public static function of(array $clip, Screen $screen): self
    {
        return new self($clip, null, $screen);
    }

    /** The film of the stop that a play is in; null where it is in none. */
    public static function at(Screen $screen): ?self
    {
        /** @var (array<string, mixed>&array{stop: Open})|null $film */
        $film = $screen->view->scene['film'] ?? null;

        return $film === null
            ? null
            : new self($film, ['id' => $screen->sceneId(), ...$film['stop']], $screen);
    }

    public function id(): string
    {
        return (string) $this->clip['id'];
    }

    /** Where the file is; null where there is none, or where it lies elsewhere and nobody said yes to that yet. */
    public function url(): ?string
    {
        return $this->screen->edition->url($this->clip['asset'])
            ?? ($this->host() !== '' && Elsewhere::isAllowed($this->host()) ? (string) $this->clip['source'] : null);
    }

    /**
     * Where the page fetches it, or of a film that was cut the piece in which it stands.
     *
     * @param  list<array{from: float, until: float, url: string|null}>  $pieces
     */
    public function source(Frame $frame, array $pieces): ?string
    {
        $own = $this->screen->edition->url($this->clip['asset']);
        if ($own === null || $pieces === []) {
            return $own === null ? $this->url() : $frame->clip($own);
        }
        $at = $this->stop['at'] ?? $this->clip['at'];
        $here = array_filter($pieces, static fn (array $piece): bool => $at >= $piece['from'] && $at < $piece['until']);

        return (array_values($here)[0] ?? end($pieces))['url'];
    }

    /**
     * Of a film that was cut, as far as it may be seen.
     *
     * @return list<array{from: float, until: float, url: string|null}>
     */
    public function pieces(Frame $frame): array
    {
        $game = $this->screen->edition->game;
        $file = $game->assets()[$this->clip['asset'] ?? '']->file ?? '';
        $clip = $file === '' ? null : Things::clip(
            $game->scene($game->sceneOf($this->id()) ?? '')->things ?? [], $this->id(),
        );
        $pieces = $clip === null ? null : Pieces::of($file, $clip);

        return array_map(static fn (array $piece): array => [
            'from' => $piece['from'], 'until' => $piece['until'],
            'url' => $frame->clip(GameFiles::url($piece['file'])),
        ], $pieces?->within($this->clip['reached']) ?? []);
    }

    /** Whether it is played on this device: not where the class watches it at the front. */
    public function runsHere(): bool
    {
        return $this->url() !== null && ! $this->screen->rules->isClass;
    }

    /** The host of a file elsewhere; '' for a file of the game's own. */
    public function host(): string
    {
        return $this->clip['source'] === '' ? '' : Elsewhere::host((string) $this->clip['source']);
    }

    public function isSound(): bool
    {
        return str_starts_with($this->screen->edition->type($this->clip['asset']), self::SOUNDS)
            || preg_match('~\.(mp3|m4a|oga|ogg|wav)$~i', (string) $this->clip['source']) === 1;
    }

    public function poster(): ?string
    {
        return $this->screen->edition->url($this->clip['poster']);
    }

    public function name(): string
    {
        $label = $this->clip['label'] ?: $this->screen->edition->alt($this->clip['asset']);

        return $label ?: (string) __('play.film.name');
    }

    /** @return list<array{at: float, until: float, text: string}> */
    public function lines(): array
    {
        return $this->clip['lines'];
    }

    /** @return list<array{id: string, at: float, pause: bool}> moments of an earlier kind: something happens at them */
    public function cues(): array
    {
        return $this->stop === null ? $this->clip['cues'] : [];
    }

    /** @return array<string, mixed> what the script runs the film by */
    public function course(): array
    {
        return [
            'at' => $this->clip['at'],
            'until' => $this->clip['until'],
            'then' => $this->clip['then'],
            'times' => $this->clip['times'],
            'entries' => $this->clip['entries'],
            'stops' => $this->clip['stops'],
            'cues' => array_map(static fn (array $cue): array => ['passes' => ! $cue['pause']] + $cue, $this->cues()),
            'lines' => $this->clip['lines'],
            'open' => $this->stop,
            'asks' => $this->asks(),
        ];
    }

    /** The stop that comes next where the film itself is not played; null where none is left. */
    public function next(): ?string
    {
        if ($this->stop !== null) {
            return null;
        }
        if ($this->clip['then'] !== null) {
            return (string) $this->clip['then'];
        }
        foreach ($this->clip['stops'] as $stop) {
            if ($stop['at'] >= $this->clip['at'] && $stop['isOpen'] && ! ($stop['isDone'] && $stop['isSeen'])) {
                return (string) $stop['id'];
            }
        }

        return null;
    }

    /**
     * Whether the line belongs to what is to be seen again.
     *
     * @param  array{at: float, until: float, text: string}  $line
     */
    public function isInPassage(array $line): bool
    {
        ['at' => $from, 'until' => $to] = $this->clip;

        return $to !== null && $line['until'] > $from && $line['at'] < $to;
    }

    /** Seconds of all of it. */
    public function length(): float
    {
        return (float) $this->clip['length'];
    }

    public function clock(float $at): string
    {
        return Showing::clock((int) $at);
    }

    /** Whether an answer is wanted in the stop that is open. */
    private function asks(): bool
    {
        return $this->stop !== null && in_array('lock', array_column($this->screen->view->things, 'kind'), true);
    }
}
