<?php

declare(strict_types=1);

// Writes what light falls on each part of the made settings, as a browser draws them; run it when a drawing changes.

use App\View\MadeSetting;
use Illuminate\Contracts\Console\Kernel;
use Tests\Support\Browser;

require __DIR__ . '/../../vendor/autoload.php';

$app = require __DIR__ . '/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

/** The middle colour of each of four by three parts of a picture. */
$measure = <<<'JS'
    window.shades = null;
    const image = new Image();
    image.onload = () => {
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [128, 72];
        const drawing = canvas.getContext('2d');
        drawing.drawImage(image, 0, 0, 128, 72);
        const shadeOf = (column, row) => {
            const points = drawing.getImageData(column * 32, row * 24, 32, 24).data;
            const middle = (at) => {
                let sum = 0;
                for (let point = at; point < points.length; point += 4) sum += points[point];
                return Math.round((sum * 4) / points.length).toString(16).padStart(2, '0');
            };
            return `#${[0, 1, 2].map(middle).join('')}`;
        };
        window.shades = [0, 1, 2].flatMap((row) => [0, 1, 2, 3].map((column) => shadeOf(column, row)));
    };
    image.src = `data:image/svg+xml;base64,${arguments[0]}`;
    JS;

$browser = Browser::open('data:text/html,');
$lines = [];
foreach (MadeSetting::kinds() as $kind) {
    $tones = [];
    foreach (MadeSetting::tones() as $tone) {
        $browser->script($measure, base64_encode(MadeSetting::svg($kind, $tone)));
        $browser->until(fn(): bool => $browser->script('return window.shades') !== null);
        $rows = array_map(
            fn(array $row): string => '            "' . implode('", "', $row) . '"',
            array_chunk($browser->script('return window.shades'), 4),
        );
        $tones[] = "        \"{$tone}\": [\n" . implode(",\n", $rows) . "\n        ]";
    }
    $lines[] = "    \"{$kind}\": {\n" . implode(",\n", $tones) . "\n    }";
}
file_put_contents(resource_path('settings/shades.json'), "{\n" . implode(",\n", $lines) . "\n}\n");
$browser->close();
