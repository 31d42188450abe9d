<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What stands for a play on the wall of a run: a drawing composed of our own parts, and a line of its own.
 *
 * @property int $id
 * @property string $play_id
 * @property array<string, string> $design part → which, as PARTS lists them
 * @property string $line
 * @property int|null $approved_at seconds since 1970; null while the teacher has not read the line
 * @property Play $play
 */
final class Emblem extends Model
{
    private const COLOURS = ['lamp', 'signal', 'moss', 'dusk', 'brass', 'haze', 'deep', 'ink', 'paper'];

    /** What an emblem is composed of, the usual one first. */
    public const PARTS = [
        'shape' => ['shield', 'disc', 'kite', 'hexagon', 'pennant'],
        'field' => ['halves', 'plain', 'bars', 'slant', 'rays'],
        'one' => self::COLOURS,
        'two' => ['deep', ...self::COLOURS],
        'charge' => ['star', 'lamp', 'boat', 'fish', 'key', 'wave'],
    ];

    /** Characters of a line. */
    public const LONGEST = 80;

    public $timestamps = false;

    protected $fillable = ['play_id', 'design', 'line', 'approved_at'];

    /**
     * What was sent as a design, the usual part where there is none of that name.
     *
     * @param  array<array-key, mixed>  $sent
     * @return array<string, string>
     */
    public static function design(array $sent): array
    {
        $design = [];
        foreach (self::PARTS as $part => $known) {
            $design[$part] = in_array($sent[$part] ?? null, $known, true) ? (string) $sent[$part] : $known[0];
        }

        return $design;
    }

    /** @return BelongsTo<Play, $this> */
    public function play(): BelongsTo
    {
        return $this->belongsTo(Play::class);
    }

    protected function casts(): array
    {
        return ['design' => 'array'];
    }
}
