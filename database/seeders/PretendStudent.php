<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\TakeAction;
use App\Models\Edition;
use App\Play\Turn;
use Fravel\State\Action;
use Illuminate\Support\Carbon;

/** Plays The Dark Lamp as a student might: with detours, slips, hints and pauses, by real actions of the engine. */
final class PretendStudent
{
    /** Lock → right answer, then plausible wrong ones. */
    private const ANSWERS = [
        'door' => ['0917', '2142', '0302', '9170', '1709'],
        'teapot-lock' => ['16:35', '15:35', '16:25', '4:35', '17:00'],
        'steps' => ['12', '36', '16', '24'],
        'distance' => ['2 km', '200 km', '20 km', '2000', '3.1 km'],
        'tide-name' => ['spring tide', 'high tide', 'neap tide', 'sprin tide', 'flood'],
        'oil' => ['750 ml', '75 ml', '7.5', '1000', '750 l'],
        'why-high' => [
            'So that ships can see the light from far away.',
            'Because of ships',
            'It looks nice',
            'The tower is tall',
        ],
        'bending' => ['refraction', 'reflection', 'refracton', 'bending', 'mirror'],
        'ship-side' => ['side-star', 'side-port', 'side-stern'],
        'lens-does' => ['lens-gather', 'lens-more', 'lens-store', 'lens-colour'],
    ];

    /** Choices and locks in the order of a straight way through; a lock opens before the next step. */
    private const WAY = [
        'to-board',
        'take-table',
        'door',
        'to-window',
        'ship-side',
        '@back',
        'to-teapot',
        'teapot-lock',
        'to-stair',
        'steps',
        'to-almanac',
        'tide-name',
        'distance',
        'to-engine',
        'oil',
        'to-coal',
        'take-wick',
        'to-ladder',
        'lens-does',
        'why-high',
        'bending',
    ];

    /** @param  float  $skill how likely an answer is right, 0 to 1 */
    public function __construct(
        private readonly TakeAction $take,
        private readonly string $play,
        private readonly float $skill,
        private readonly string $end,
        private readonly Edition $edition,
    ) {
    }

    public function play(): void
    {
        $stop = $this->end === 'left' ? mt_rand(9, 14) : count(self::WAY) - ($this->end === 'lost' ? 2 : 0);
        foreach (array_slice(self::WAY, 0, $stop) as $step) {
            isset(self::ANSWERS[$step])
                ? $this->open($step)
                : $this->act($step === '@back' ? ['back' => true] : ['choose' => $step], mt_rand(4, 35));
        }
        if ($this->end === 'lost') {
            $this->act(['choose' => 'give-up'], mt_rand(40, 120));
        }
    }

    private function open(string $lock): void
    {
        [$right, $wrong] = [self::ANSWERS[$lock][0], array_slice(self::ANSWERS[$lock], 1)];
        for ($try = 0; $this->errs($try) && $wrong !== []; $try++) {
            $answer = array_splice($wrong, mt_rand(0, count($wrong) - 1), 1)[0];
            $this->act(['answer' => $lock, 'with' => $answer], mt_rand(12, 70));
            if ($try === 1) {
                $this->act(['hint' => $lock], mt_rand(5, 15));
            }
        }
        $this->act(['answer' => $lock, 'with' => $right], mt_rand(25, 80));
    }

    private function errs(int $try): bool
    {
        return mt_rand(0, 99) >= 100 * min(0.97, $this->skill + 0.15 * $try);
    }

    /** @param  array<string, mixed>  $action */
    private function act(array $action, int $seconds): ?Turn
    {
        Carbon::setTestNow(now()->addSeconds($seconds));
        $taken = Action::of(
            array_map(fn (mixed $part): mixed => is_string($part) ? $this->edition->nameOf($part) : $part, $action),
        );

        return $taken === null ? null : $this->take->handle($this->play, $taken, bin2hex(random_bytes(8)));
    }
}
