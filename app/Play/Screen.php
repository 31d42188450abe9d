<?php

declare(strict_types=1);

namespace App\Play;

use App\Words\Languages;
use Fravel\Play\View;
use Fravel\State\PlayState;
use Illuminate\Support\HtmlString;

/** What a student sees now, ready for the templates. */
final readonly class Screen
{
    public View $view;

    public function __construct(public CompiledEdition $edition, public PlayState $state, public int $now)
    {
        $this->view = View::of($edition->game, $state, $now);
    }

    public static function after(Turn $turn): self
    {
        return new self($turn->edition, $turn->state, $turn->now);
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

    /** The words alone, for what is read out. */
    public function plain(mixed $text): string
    {
        return trim(html_entity_decode(strip_tags($this->html($text)), ENT_QUOTES));
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
