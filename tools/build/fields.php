<?php

declare(strict_types=1);

// Writes what the workshop and the published schema must know of a document's fields, from what the engine's kinds say
// of theirs.

use Fravel\Answer\Unit\Units;
use Fravel\Document\Schema;
use Fravel\Document\Walk;
use Fravel\Support\Json;

require __DIR__ . '/../../cli/autoload.php';

$root = dirname(__DIR__, 2);
$table =
    "// Made by tools/build/fields.php from the engine's kinds: shape or kind → field → what it holds.\n"
        ."export const FIELDS = " .
    Json::write(Walk::table()) .
    ";\n" .
    "// What a condition or an effect means that leaves a field out: family → kind → field → value.\n" .
    "export const DEFAULTS = " .
    Json::write(Schema::defaults()) .
    ";\n";
$units = "// Made by tools/build/fields.php from the engine's units: their symbols.\nexport const SYMBOLS = "
    .Json::write(Units::symbols()).";\n";
$schema = "{$root}/docs/format/game.schema.json";
$published = Json::write(Schema::filled(Json::readObject((string) file_get_contents($schema))), true) . "\n";
$indented = (string) preg_replace_callback(
    '/^ +/m',
    static fn(array $spaces): string => str_repeat(' ', intdiv(strlen($spaces[0]), 2)),
    $published,
);

foreach (
    [
        "{$root}/resources/js/workshop/editor/fields-table.js" => $table,
        "{$root}/resources/js/lib/units-table.js" => $units,
        $schema => $indented,
    ]
    as $file => $content
) {
    if (!is_file($file) || file_get_contents($file) !== $content) {
        file_put_contents($file, $content);
    }
}
