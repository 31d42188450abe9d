<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Field;
use Fravel\Exception\UnableToReadJson;
use Fravel\Support\Json;
use Illuminate\Foundation\Http\FormRequest;

/** An edit command with the revision it was made on; read so that `{}` stays `{}`. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['base' => ['required', 'integer', 'min:0'], 'label' => ['nullable', 'string', 'max:200']];
    }

    public function command(): mixed
    {
        try {
            return Json::readObject($this->getContent())['command'] ?? null;
        } catch (UnableToReadJson) {
            return null;
        }
    }

    public function base(): int
    {
        return $this->integer('base');
    }

    public function label(): string
    {
        return Field::text($this, 'label');
    }
}
