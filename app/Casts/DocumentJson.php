<?php

declare(strict_types=1);

namespace App\Casts;

use Fravel\Support\Json;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * JSON that is written back as it was read, `{}` included.
 *
 * @implements CastsAttributes<array<array-key, mixed>, array<array-key, mixed>>
 */
final class DocumentJson implements CastsAttributes
{
    /** @return array<array-key, mixed> */
    public function get(Model $model, string $key, mixed $value, array $attributes): array
    {
        return Json::readObject((string) $value);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        return Json::write($value);
    }
}
