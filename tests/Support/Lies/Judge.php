<?php

declare(strict_types=1);

namespace Tests\Support\Lies;

use Fravel\Document\GameDocument;
use Fravel\Play\Outcome;
use Fravel\Play\Playing;
use Fravel\Play\View;
use Fravel\State\Action;
use Fravel\State\EventKind;
use Fravel\State\PlayState;
use Tests\Support\RandomGames;

/**
 * Plays a game as a student who sees what a device shows and knows what was meant, on a phone: at each question a wrong
 * answer first, then a right one. It knows the content, and nothing of how that was read.
 *
 * @phpstan-import-type Asked from Intended
 */
final class Judge
{
    private const MOST = 4000;

    /** What a phone has for what it lacks. */
    private const KEYS = [
        '−' => '-', '²' => '^2', '₂' => '2', 'ß' => 'ss', '’' => "'", '“' => '"', '”' => '"', '±' => '+-', 'Ä' => 'Ae',
        'ö' => 'oe',
    ];

    /** @var list<string> what is not as it was meant */
    public array $lies = [];

    /** @var array<string, true> questions that were asked, as keys */
    private array $asked = [];

    /** @var array<string, true> questions that were answered wrongly once, as keys */
    private array $tried = [];

    /** @var array<string, int> scene and action → how often that was done */
    private array $done = [];

    /** @var array<string, true> */
    private array $heard = [];

    private PlayState $state;

    /** @param  array<string, Asked>  $questions  by what is asked */
    private function __construct(
        private readonly GameDocument $game,
        private readonly array $questions,
        private readonly RandomGames $dice,
    ) {
        $this->state = Playing::start($game, $dice->pick([1, 2, 3]), 0)->state;
    }

    /**
     * @param  list<Asked>  $questions
     * @return list<string>
     */
    public static function of(GameDocument $game, array $questions, RandomGames $dice): array
    {
        $judge = new self($game, array_column($questions, null, 'ask'), $dice);
        $judge->play();
        $judge->isPassed();

        return $judge->lies;
    }

    private function play(): void
    {
        for ($step = 0; $this->state->ended === null && $step < self::MOST; $step++) {
            $view = View::of($this->game, $this->state, $step * 1000);
            foreach ($view->things as $thing) {
                $this->heard[(string) ($thing['md'] ?? '')] = true;
            }
            if (! $this->answerOne($view, $step * 1000) && ! $this->goOn($view, $step * 1000)) {
                break;
            }
        }
        foreach ($this->questions as $ask => $asked) {
            isset($this->asked[$ask]) ?: $this->lies[] = "never asked: {$ask}";
            $words = $asked['wrong'];
            $words === '' || isset($this->heard[$words]) ?: $this->lies[] = "never said: {$words} ({$ask})";
        }
        $this->state->ended !== null ?: $this->lies[] = 'never ended';
    }

    private function answerOne(View $view, int $now): bool
    {
        foreach ($view->things as $thing) {
            if ($thing['kind'] !== 'lock' || $thing['state'] === 'open' || ! $thing['ready']) {
                continue;
            }
            $asked = $this->questions[self::askOf($thing, $this->questions)] ?? null;
            $asked === null ? $this->tryCode($thing, $view, $now) : $this->answer($thing, $asked, $now);

            return true;
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  Asked  $asked
     */
    private function answer(array $thing, array $asked, int $now): void
    {
        $ask = $asked['ask'];
        $this->asked[$ask] = true;
        $isWrong = ! isset($this->tried[$ask]);
        $this->tried[$ask] = true;
        $sent = $isWrong ? $this->wrongFor($thing, $asked) : $this->rightFor($thing, $asked);
        $outcome = $this->act(['answer' => $thing['id'], 'with' => $sent], $now);
        $isOpen = $outcome->state->isOpen($thing['id']);
        if ($isOpen === $isWrong) {
            $kind = $isWrong ? 'wrong taken' : 'right refused';
            $this->lies[] = "{$kind}: {$ask} ".json_encode($sent, JSON_UNESCAPED_UNICODE);
            // So that one lie does not hide the others.
            $isOpen ?: $this->state = $outcome->state->openLock($thing['id'], 0);
        }
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  Asked  $asked
     */
    private function wrongFor(array $thing, array $asked): mixed
    {
        $options = array_column($thing['input']['options'] ?? [], 'id', 'md');

        return match ($thing['input']['type']) {
            'options' => $this->picked($thing, [$options[$asked['others'][0] ?? ''] ?? '']),
            'digits' => str_pad('', strlen($asked['right'][0]), $asked['right'][0][0] === '9' ? '8' : '9'),
            'number' => '-98765',
            'long' => 'too short',
            'keys' => array_fill(0, $thing['input']['length'], self::otherKey($thing, $asked['right'][0])),
            'gaps' => array_fill_keys(array_column($thing['input']['pieces'], 'gap'), 'zzzz'),
            default => 'zzzz zzzz',
        };
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  Asked  $asked
     */
    private function rightFor(array $thing, array $asked): mixed
    {
        $options = array_column($thing['input']['options'] ?? [], 'id', 'md');

        return match ($asked['kind']) {
            'options' => $this->picked($thing, array_map(
                static fn (string $one): string => $options[$one] ?? '', $asked['right'],
            )),
            'gaps' => self::filled(array_column($thing['input']['pieces'] ?? [], 'gap'), $asked['right']),
            'length' => str_repeat('word ', (int) $asked['right'][0]),
            'sentence' => 'I saw it myself.',
            'signs' => self::pressed($thing, $asked['right'][0]),
            'number' => self::onPhone(explode(' ±', $this->dice->pick($asked['right']))[0]),
            default => self::onPhone($this->dice->pick($asked['right'])),
        };
    }

    /**
     * @param  list<string>  $gaps
     * @param  list<string>  $words
     * @return array<string, string>
     */
    private static function filled(array $gaps, array $words): array
    {
        return count($gaps) === count($words) ? array_combine($gaps, $words) : [];
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  list<string>  $ids
     */
    private function picked(array $thing, array $ids): mixed
    {
        return ($thing['input']['many'] ?? false) ? $ids : $ids[0] ?? '';
    }

    /**
     * A code that is asked for by none of the questions: its figures stand in the satchel, clue by clue.
     *
     * @param  array<string, mixed>  $thing
     */
    private function tryCode(array $thing, View $view, int $now): void
    {
        $names = array_column($view->satchel, 'name');
        $figure = static fn (string $name): string => (string) preg_replace('/^.*\D(?=\d+$)/s', '', $name);
        $figures = array_map($figure, $names);
        $length = (int) ($thing['input']['length'] ?? 0);
        $this->act(['answer' => $thing['id'], 'with' => substr(implode('', $figures), -$length)], $now);
        $this->state->isOpen($thing['id']) ?: $this->lies[] = "no way through {$thing['ask']}";
        $this->state = $this->state->isOpen($thing['id']) ? $this->state : $this->state->end('lost', $now);
    }

    private function goOn(View $view, int $now): bool
    {
        $ways = array_map(
            static fn (array $thing): array => ['choose' => $thing['id']],
            array_filter($view->things, static fn (array $thing): bool => $thing['kind'] === 'choice'),
        );
        foreach ($view->things as $thing) {
            $thing['kind'] === 'cover' && ! $thing['lifted'] ? array_unshift($ways, ['lift' => $thing['id']]) : null;
        }
        $ways = [...$ways, ...$view->continues ? [['continue' => true]] : []];
        $key = fn (array $way): string => "{$this->state->scene} ".json_encode($way);
        $often = fn (array $way): int => $this->done[$key($way)] ?? 0;
        usort($ways, static fn (array $one, array $other): int => $often($one) <=> $often($other));
        if ($ways === []) {
            return false;
        }
        $this->done[$key($ways[0])] = ($this->done[$key($ways[0])] ?? 0) + 1;
        $this->act($ways[0], $now);

        return true;
    }

    /** Whoever answers nothing wins nothing. */
    private function isPassed(): void
    {
        $lazy = new self($this->game, [], $this->dice);
        for ($step = 0; $lazy->state->ended === null && $step < 60; $step++) {
            if (! $lazy->goOn(View::of($lazy->game, $lazy->state, 0), 0)) {
                break;
            }
        }
        $lazy->state->ended !== 'won' ?: $this->lies[] = 'won with nothing answered';
    }

    /** @param  array<string, mixed>  $sent */
    private function act(array $sent, int $now): Outcome
    {
        $action = Action::of($sent);
        $outcome = $action === null
            ? new Outcome($this->state, [])
            : Playing::act($this->game, $this->state, $action, $now);
        $this->state = $outcome->state;
        foreach ($outcome->events as $event) {
            $told = $event->toArray();
            $event->kind === EventKind::Said ? $this->heard[(string) $told[1]] = true : null;
        }

        return $outcome;
    }

    /**
     * @param  array<string, mixed>  $thing
     * @param  array<string, Asked>  $questions
     */
    private static function askOf(array $thing, array $questions): string
    {
        if ($thing['input']['type'] !== 'gaps') {
            return (string) $thing['ask'];
        }
        // A text with gaps is known by the words before the first.
        $begins = (string) ($thing['input']['pieces'][0]['md'] ?? '');
        foreach (array_keys($questions) as $ask) {
            if ($begins !== '' && str_starts_with((string) $ask, $begins)) {
                return (string) $ask;
            }
        }

        return '';
    }

    /**
     * @param  array<string, mixed>  $thing
     * @return list<string> the keys with these signs
     */
    private static function pressed(array $thing, string $signs): array
    {
        $keys = array_column($thing['input']['keys'] ?? [], 'id', 'md');

        return array_map(static fn (string $sign): string => $keys[$sign] ?? '', mb_str_split($signs));
    }

    /** @param  array<string, mixed>  $thing */
    private static function otherKey(array $thing, string $signs): string
    {
        foreach ($thing['input']['keys'] as $key) {
            if (! str_contains($signs, $key['md'])) {
                return $key['id'];
            }
        }

        return '';
    }

    private static function onPhone(string $text): string
    {
        return strtr($text, self::KEYS);
    }
}
