<?php

declare(strict_types=1);

namespace App\Play;

use App\Words\Languages;
use Fravel\Document\Showing;
use Fravel\Play\View;
use Fravel\State\PlayState;
use Fravel\Thing\Lock;
use Illuminate\Support\Arr;
use Illuminate\Support\HtmlString;

/** What a student sees now, ready for the templates. */
final readonly class Screen
{
    /** Keys of the words that scripts need. */
    private const SPOKEN = [
        'again',
        'close',
        'failing',
        'farther',
        'finding',
        'inputs',
        'near_help',
        'nearer',
        'new',
        'nudge',
        'offline',
        'queued', 'asBefore', 'call',
        'rejoin',
        'satchel',
        'sounds',
        'stays',
        'turned',
        'verdict',
        'voice',
    ];

    /** Covers that make a board. */
    private const BOARD = 4;

    public View $view;

    public Voice $voice;

    public function __construct(
        public CompiledEdition $edition, public PlayState $state, public int $now,
        public RunRules $rules = new RunRules(),
    ) {
        $this->view = $rules->seen(View::of($edition->game, $state, $now));
        $this->voice = new Voice($edition);
    }

    public static function after(Turn $turn): self
    {
        return new self($turn->edition, $turn->state, $turn->now, $turn->rules);
    }

    /** The attribute that says in which language the game speaks, where the interface speaks another. */
    public function speaks(): HtmlString
    {
        return Languages::mark($this->edition->game->language());
    }

    public function html(mixed $text): string
    {
        return is_string($text) && $text !== '' ? $this->edition->html($text) : '';
    }

    /** The text without the paragraph around it, for buttons and labels. */
    public function inline(mixed $text): string
    {
        return (string) preg_replace('~^<p>(.*)</p>$~s', '$1', $this->html($text));
    }

    /**
     * What a thing is called where it has no words of its own to show.
     *
     * @param  array<string, mixed>  $thing
     */
    public function nameOf(array $thing): string
    {
        $words = $this->plain($thing['md'] ?? ($thing['ask'] ?? ''));
        $asset = $thing['asset'] ?? null;

        return $thing['label'] ?? '' ?: $words ?: $this->edition->alt(is_string($asset) ? $asset : null);
    }

    /**
     * What stands on the plate of a lock: what it asks as far as that fits, else its name.
     *
     * @param  array<string, mixed>  $thing
     */
    public function onPlate(array $thing): string
    {
        $ask = $this->plain($thing['ask'] ?? '');

        return $ask !== '' && OnStage::fitsPlate($ask, $thing) ? $ask : $this->nameOf($thing);
    }

    /**
     * What may be picked from a list.
     *
     * @param  list<array{id: string, md: string}>  $entries
     * @return array<string, string> id → words
     */
    public function choices(array $entries): array
    {
        return array_map($this->plain(...), array_column($entries, 'md', 'id'));
    }

    /**
     * What one of the things that an answer is made of is called.
     *
     * @param  array{md: string, asset?: string|null}  $item
     */
    public function saying(array $item): string
    {
        return $this->plain($item['md']) ?: $this->edition->alt($item['asset'] ?? null);
    }

    /** A colour of a lock as it is called. */
    public function colour(string $colour): string
    {
        return __('play.palette')[$colour] ?? $colour;
    }

    /** The words alone, for what is read out. */
    public function plain(mixed $text): string
    {
        return trim(html_entity_decode(strip_tags($this->html($text)), ENT_QUOTES));
    }

    /**
     * What a cover is called with the side that is seen.
     *
     * @param  array<string, mixed>  $thing
     */
    public function coverName(array $thing): string
    {
        $says = fn (array $face): string => $this->plain($face['md']) ?: $this->edition->alt($face['asset']);
        $front = $thing['label'] ?: $says($thing['front']);
        $back = $thing['lifted'] ? $says($thing['face']) : '';

        return implode(': ', array_filter([$front ?: (string) __('play.cover'), $back]));
    }

    /** @return array{turned: int, of: int}|null how many of the covers here are lifted; null where they are few */
    public function turned(): ?array
    {
        $covers = array_filter($this->view->things, static fn (array $thing): bool => $thing['kind'] === 'cover');

        $turned = array_filter($covers, static fn (array $thing): bool => $thing['lifted']);

        return count($covers) < self::BOARD ? null : ['turned' => count($turned), 'of' => count($covers)];
    }

    /**
     * Whether it may be covered again.
     *
     * @param  array<string, mixed>  $thing
     */
    public function comesDown(array $thing): bool
    {
        return $thing['kind'] === 'cover' && $thing['toggle'] && $thing['opens'] !== 'lock';
    }

    /** Whether one of those is turned just now. */
    public function hasTurned(): bool
    {
        return array_filter(
            $this->view->things, fn (array $thing): bool => $this->comesDown($thing) && $thing['lifted'],
        ) !== [];
    }

    /** Whether several covers stand here that may be covered again. */
    public function coversAgain(): bool
    {
        return count(array_filter($this->view->things, $this->comesDown(...))) > 1;
    }

    /**
     * What a mosaic is called, with how much of it is earned.
     *
     * @param  array<string, mixed>  $thing
     */
    public function mosaicName(array $thing): string
    {
        $earned = __('play.mosaic', ['earned' => $thing['earned'], 'of' => $thing['of']]);

        return implode(': ', array_filter([$thing['label'], (string) $earned]));
    }

    /** Minutes and seconds from the first scene to the ending, by the server's clock. */
    public function timePlayed(): string
    {
        return Showing::clock($this->state->seconds($this->now));
    }

    /** Whether the ending says one of these marks itself. */
    public function saysAtEnd(string ...$marks): bool
    {
        $text = $this->edition->game->scene($this->state->scene)->ending->md ?? '';

        return array_filter($marks, static fn (string $mark): bool => str_contains($text, "{={$mark}}")) !== [];
    }

    /** @return array<string, string> where one of a team may look meanwhile, id → title */
    public function elsewhere(): array
    {
        return Team::open($this->edition->game, $this->state, $this->now);
    }

    /**
     * What is held: what may still be needed, and clues of rooms that are done.
     *
     * @return array{list<array<string, mixed>>, list<array<string, mixed>>}
     */
    public function satchel(): array
    {
        $here = $this->edition->game->chapterOf($this->state->scene);
        $isDone = fn (array $token): bool => $token['kind'] === 'clue'
            && $this->edition->rooms->isDone($token['id'], $this->state, $here);
        $done = array_filter($this->view->satchel, $isDone);

        return [array_values(array_diff_key($this->view->satchel, $done)), array_values($done)];
    }

    /** @return list<string> to whom is owed what is seen here; at an end, all that was seen */
    public function credits(): array
    {
        $home = $this->edition->game->scene($this->state->scene)->stop->home ?? $this->state->scene;
        $before = $this->state->ended === null ? [] : $this->state->visited;

        return $this->edition->credits([$this->state->scene, $home, ...$before, ...$this->state->tokens]);
    }

    public function sceneId(): string
    {
        return (string) ($this->view->scene['id'] ?? '');
    }

    public function title(): string
    {
        return (string) ($this->view->scene['title'] ?? 'Fravel');
    }

    /** @return array{url: string, alt: string}|null the picture behind the scene */
    public function backdrop(): ?array
    {
        $backdrop = $this->view->scene['backdrop'] ?? [];
        $url = $this->edition->url($backdrop['asset'] ?? null);

        return $url === null
            ? null
            : ['url' => $url, 'alt' => $backdrop['alt'] ?? '' ?: $this->edition->alt($backdrop['asset'])];
    }

    /** @return array{play: array<string, mixed>} what the scripts of play speak from */
    public function words(): array
    {
        return ['play' => Arr::only((array) __('play'), self::SPOKEN)];
    }

    /** Whether to find what is hidden on the stage is the task. */
    public function isFinding(): bool
    {
        return $this->isStage() && ($this->view->scene['finding'] ?? false);
    }

    /**
     * What a thing on the stage is called for those who hear it; where finding is the task, by its number alone.
     *
     * @param  array<string, mixed>  $thing
     */
    public function spokenOn(array $thing): string
    {
        if (! $this->isFinding() || ! OnStage::isSought($thing)) {
            return $this->nameOf($thing) ?: (string) __('play.place');
        }
        $sought = array_column(array_filter($this->view->things, OnStage::isSought(...)), 'id');

        return (string) __('play.finding.place', ['number' => array_search($thing['id'], $sought, true) + 1]);
    }

    /**
     * What a lock on the stage is called: by its name, and by what is seen of its question.
     *
     * @param  array<string, mixed>  $thing
     */
    public function calledOn(array $thing): string
    {
        $seen = $thing['look'] === 'plate' ? $this->onPlate($thing) : '';

        return implode(': ', array_unique(array_filter([$this->spokenOn($thing), $seen])));
    }

    /**
     * What a lock on the stage is called, with what the last answer to it came to.
     *
     * @param  array<string, mixed>  $thing
     */
    public function triedOn(array $thing): string
    {
        $isTried = $thing['tells'] !== Lock::NOTED && in_array($thing['state'], ['wrong', 'almost'], true);

        return implode(': ', array_filter([
            $this->calledOn($thing), $isTried ? (string) __("play.verdict.{$thing['state']}") : '',
        ]));
    }

    /** Where the sound of the scene is served; null for none. */
    public function sound(): ?string
    {
        return $this->edition->url($this->view->scene['sound'] ?? null);
    }

    public function isStage(): bool
    {
        return ($this->view->scene['layout'] ?? '') === 'stage';
    }

    /**
     * The same view, thing by thing.
     *
     * @return array<string, array<string, mixed>>
     */
    public function things(): array
    {
        /** @var array<string, array<string, mixed>> */
        return array_column($this->view->things, null, 'id');
    }
}
