<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Standpoint;
use App\Http\Field;
use Fravel\Edit\Refusal;
use Fravel\Exception\UnableToReadJson;
use Fravel\Support\Json;
use Illuminate\Foundation\Http\FormRequest;

/** An edit command with the revision it was made on; read so that `{}` stays `{}`. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer', 'min:0'],
            'made' => ['integer', 'min:0'],
            'own' => ['array', 'max:'.Standpoint::MOST_OWN],
            'own.*' => ['integer', 'min:0'],
            'label' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** What one gesture says, in bytes at most. */
    private const LARGEST = 4_000_000;

    /** The command as it was sent, or why it is not looked at. */
    public function command(): mixed
    {
        if (strlen($this->getContent()) > self::LARGEST) {
            return new Refusal('command.large', ['most' => intdiv(self::LARGEST, 1_000_000)]);
        }
        try {
            return Json::readObject($this->getContent())['command'] ?? null;
        } catch (UnableToReadJson) {
            return null;
        }
    }

    public function from(): Standpoint
    {
        $own = array_map(intval(...), array_values((array) $this->input('own', [])));

        return new Standpoint($this->integer('base'), $this->integer('made', $this->integer('base')), $own);
    }

    public function label(): string
    {
        return Field::text($this, 'label');
    }
}
