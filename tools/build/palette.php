<?php

declare(strict_types=1);

// Writes the colours of the engine's palette, and the pictures of answers' colours, for styles and scripts.

use Fravel\Support\Json;
use Fravel\Support\Palette;
use Fravel\Support\Swatches;

require __DIR__ . '/../../cli/autoload.php';

$root = dirname(__DIR__, 2);
$lines = array_map(
    static fn(string $name, string $colour): string => "    --color-{$name}: {$colour};\n",
    array_keys(Palette::COLOURS),
    Palette::COLOURS,
);
$files = [
    'resources/css/palette.css' =>
        "/* Made by tools/build/palette.php. */\n@theme static {\n" . implode('', $lines) . "}\n",
    'resources/js/lib/palette.js' =>
        "// Made by tools/build/palette.php.\nexport const PALETTE = " . Json::write(Palette::COLOURS) .
        ";\nexport const SWATCHES = " . Json::write(Swatches::PICTURES + ['other' => Swatches::OTHER]) . ";\n",
];
foreach ($files as $file => $content) {
    if (!is_file("{$root}/{$file}") || file_get_contents("{$root}/{$file}") !== $content) {
        file_put_contents("{$root}/{$file}", $content);
    }
}
