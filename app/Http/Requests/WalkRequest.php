<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Fravel\Document\GameDocument;
use Fravel\Document\Walkthrough;
use Illuminate\Foundation\Http\FormRequest;

/** A way through the game that is walked, kept or forgotten. */
final class WalkRequest extends FormRequest
{
    private const MOST_STEPS = 500;

    private const LONGEST_NAME = 80;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [];
    }

    public function walkthrough(GameDocument $game): ?Walkthrough
    {
        return $game->walkthroughs()[Field::text($this, 'walkthrough')] ?? null;
    }

    /** The place of a finding whose way is meant; -1 for none. */
    public function finding(): int
    {
        return $this->integer('finding', -1);
    }

    public function steps(): int
    {
        return max(1, min(self::MOST_STEPS, $this->integer('count', 1)));
    }

    public function name(): string
    {
        return mb_substr(Field::text($this, 'name'), 0, self::LONGEST_NAME);
    }
}
