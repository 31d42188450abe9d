<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use App\Play\ClassList;
use App\Play\Clock;
use App\View\Moment;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/** How a class is to play. Times are typed in the zone that the form names, the teacher's own. */
final class RunRequest extends FormRequest
{
    public const MODES = ['each', 'teams', 'class'];

    /** Names that are told of one by one. */
    private const TOLD = 8;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'label' => ['nullable', 'string', 'max:80'],
            'plays_as' => ['nullable', 'in:'.implode(',', self::MODES)],
            'asks_group' => ['nullable', 'boolean'],
            'groups' => ['nullable', 'string', 'max:4000'],
            'asks_address' => ['nullable', 'boolean'],
            'names' => ['nullable', 'string', 'max:40000'],
            'takes_new' => ['nullable', 'boolean'],
            'minutes' => ['nullable', 'integer', 'min:1', 'max:1440'],
            'opens_at' => ['nullable', 'date'],
            'closes_at' => ['nullable', 'date', $this->isAfterOpening(...)],
            'erase_on' => ['nullable', 'date_format:Y-m-d', $this->isToCome(...)],
        ];
    }

    public function label(): string
    {
        $label = Field::text($this, 'label');

        return $label === '' ? (string) __('runs.unnamed') : $label;
    }

    /** @return array<string, mixed> columns of a run */
    public function settings(): array
    {
        $erase = Field::text($this, 'erase_on');

        return [
            'plays_as' => Field::text($this, 'plays_as') ?: 'each',
            'groups' => $this->groups()->orNull(),
            'asks_address' => $this->boolean('asks_address'),
            'names' => $this->names()->orNull(),
            'minutes' => $this->integer('minutes') ?: null,
            'opens_at' => $this->moment('opens_at'),
            'closes_at' => $this->moment('closes_at'),
            'zone' => Moment::zone(),
            'erase_on' => $erase === '' ? null : $erase,
            'shows_order' => $this->boolean('shows_order'),
            'gives_hints' => $this->boolean('gives_hints', true),
            'gives_receipts' => $this->boolean('gives_receipts'),
            'plays_again' => $this->boolean('plays_again', true),
            'gives_certificates' => $this->boolean('gives_certificates'),
            'shows_wall' => $this->boolean('shows_wall'),
        ];
    }

    /** What of the lists was not taken as it stood; '' where all of it was. */
    public function tellings(): string
    {
        $told = [...$this->groups()->told, ...$this->names()->told];
        $words = array_map(static fn (array $one): string => (string) __(
            "runs.listed.{$one[1]}", ['given' => $one[0], 'name' => $one[2]],
        ), array_slice($told, 0, self::TOLD));

        return implode(' ', $words).(count($told) > self::TOLD ? ' …' : '');
    }

    private function groups(): ClassList
    {
        return ClassList::ofGroups(Field::text($this, 'groups'));
    }

    private function names(): ClassList
    {
        return ClassList::read(Field::typed($this, 'names'));
    }

    private function moment(string $field): ?int
    {
        return Moment::read(Field::text($this, $field), Moment::zone());
    }

    private function isAfterOpening(string $field, mixed $value, Closure $fail): void
    {
        [$opens, $closes] = [$this->moment('opens_at'), $this->moment('closes_at')];
        $opens !== null && $closes !== null && $closes <= $opens && $fail(__('runs.settings.backwards'));
    }

    private function isToCome(string $field, mixed $value, Closure $fail): void
    {
        $today = Carbon::createFromTimestamp(Clock::seconds(), Moment::zone())->format('Y-m-d');
        is_string($value) && $value <= $today && $fail(__('runs.settings.past'));
    }
}
