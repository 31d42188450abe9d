<?php

declare(strict_types=1);

namespace Tests\Support\Engine;

use Fravel\Support\Json;
use Opis\JsonSchema\Validator;
use Tests\Support\Games;

/** What SchemaTest is about: games, and ways to ask. */
final class SchemaCases
{
    /** @param  array<array-key, mixed>  $document */
    public static function schemaAccepts(array $document): bool
    {
        static $schema = null;
        $schema ??= json_decode((string) file_get_contents(dirname(__DIR__, 3).'/docs/format/game.schema.json'));

        return (new Validator)->validate(json_decode(Json::write($document)), $schema)->isValid();
    }
}
