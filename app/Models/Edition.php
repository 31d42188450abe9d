<?php

declare(strict_types=1);

namespace App\Models;

use App\Storage\EditionFile;
use App\Words\Languages;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\HtmlString;

/**
 * A frozen copy of a game, named by the hash of its content.
 *
 * @property string $id
 * @property string $game_id
 * @property int $number
 * @property string $hash SHA-256 of the document, in hex
 * @property string $document
 * @property string|null $source SHA-256 of the draft it was frozen from; null for one frozen before ids were veiled
 * @property array<string, string>|null $renamed ids of the draft → ids of the edition
 */
final class Edition extends Model
{
    use HasUlids;

    /** What a part of the draft is called in this edition. */
    public function nameOf(string $id): string
    {
        return $this->renamed[$id] ?? $id;
    }

    /** The document's own title: the draft may have another by now. */
    public function title(): string
    {
        return EditionFile::of($this)->game->title();
    }

    /** As `Screen::speaks()`, before anybody plays. */
    public function speaks(): HtmlString
    {
        return Languages::mark($this->language());
    }

    public function language(): string
    {
        return EditionFile::of($this)->game->language();
    }

    protected function casts(): array
    {
        return ['renamed' => 'array'];
    }

    public const UPDATED_AT = null;

    protected $fillable = ['game_id', 'number', 'hash', 'document', 'source', 'renamed'];
}
