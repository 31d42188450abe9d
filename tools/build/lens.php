<?php

declare(strict_types=1);

// Draws the clip of How the Lens Turns: a film of a minute in six parts, spoken by espeak-ng, put together by ffmpeg.
// Needs librsvg2-bin, espeak-ng and ffmpeg; the result ships with the demo, so nobody needs to run this to have it.

use Fravel\Support\Palette;

require __DIR__.'/../../cli/autoload.php';

const RATE = 15;
const LENGTH = 62.0;

/** What is said, and when. */
const LINES = [
    [0.6, 4.6, 'A lamp sends its light to all sides.'],
    [5.4, 12.6, 'Light goes straight on, as long as nothing stands in its way.'],
    [15.0, 22.0, 'Glass slows it down. Where light meets glass at a slant, it bends.'],
    [24.4, 32.4, 'Each ray bends twice: going into the glass, and coming out of it.'],
    [34.4, 44.2, 'A lens bends the outer rays most. So it gathers all of them into one beam.'],
    [46.2, 52.6, 'Now the lens turns, and its beam sweeps over the water.'],
    [53.4, 60.8, 'From a ship you see a flash, then dark, then a flash. That is how you know which lighthouse it is.'],
];

$to = $argv[1] ?? dirname(__DIR__, 2).'/database/demo/how-the-lens-turns/assets';
$work = sys_get_temp_dir().'/lens-'.getmypid();
mkdir($work);
is_dir($to) || mkdir($to, 0o755, true);
for ($frame = 0; $frame < (int) (LENGTH * RATE); $frame++) {
    file_put_contents(sprintf('%s/%04d.svg', $work, $frame), picture($frame / RATE));
}
run("ls {$work}/*.svg | xargs -P 2 -I{} rsvg-convert -w 854 -h 480 {} -o {}.png");
[$inputs, $mix] = [[], []];
foreach (LINES as $place => [$at, , $text]) {
    run('espeak-ng -v en-gb -s 150 -w '.escapeshellarg("{$work}/{$place}.wav").' '.escapeshellarg($text));
    $inputs[] = "-i {$work}/{$place}.wav";
    $mix[] = '['.($place + 1).':a]adelay='.(int) ($at * 1000)."[a{$place}]";
}
$voices = implode('', array_map(static fn (int $place): string => "[a{$place}]", array_keys(LINES)));
run(
    'ffmpeg -y -loglevel error -framerate '.RATE." -i {$work}/%04d.svg.png ".implode(' ', $inputs)
    .' -filter_complex "'.implode(';', $mix).";{$voices}amix=inputs=".count(LINES).':duration=longest:normalize=0,apad"'
    .' -t '.LENGTH.' -c:v libvpx-vp9 -crf 36 -b:v 0 -row-mt 1 -g 30 -pix_fmt yuv420p -c:a libopus -b:a 32k -ac 1 '
    .escapeshellarg("{$to}/lens.webm"),
);
file_put_contents("{$to}/lens-poster.svg", picture(30.0));
array_map(unlink(...), glob("{$work}/*") ?: []);
rmdir($work);
echo "{$to}/lens.webm: ", filesize("{$to}/lens.webm"), " bytes\n";

function run(string $command): void
{
    passthru($command, $code);
    $code === 0 || exit($code);
}

function picture(float $at): string
{
    $inner = match (true) {
        $at < 14.0 => lamp($at),
        $at < 23.0 => slant($at - 14.0),
        $at < 33.0 => twice($at - 23.0),
        $at < 45.0 => gathers($at - 33.0),
        $at < 53.0 => turns($at - 45.0),
        default => ship($at - 53.0),
    };

    return '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900"><rect width="1600" height="900" fill="'
        .Palette::COLOURS['ink']."\"/>{$inner}</svg>";
}

/** A lamp that shines to all sides, and later a card in the way. */
function lamp(float $at): string
{
    $reach = min(1.0, $at / 3.0);
    $rays = '';
    for ($ray = 0; $ray < 24; $ray++) {
        $angle = $ray * M_PI / 12 + 0.05;
        $end = 80 + 760 * $reach;
        $isCaught = $at > 7.0 && abs(remainder($angle)) < 0.42;
        $rays .= line(
            800 + 70 * cos($angle), 450 + 70 * sin($angle),
            800 + ($isCaught ? min($end, 360 / cos($angle)) : $end) * cos($angle),
            450 + ($isCaught ? min($end, 360 / cos($angle)) : $end) * sin($angle),
            'lamp', 6,
        );
    }
    $card = $at > 6.5 ? sprintf(
        '<rect x="1160" y="%.0f" width="26" height="330" fill="%s"/>', 285 - max(0, 7.2 - $at) * 900,
        Palette::COLOURS['mist'],
    ) : '';

    return $rays.$card.'<circle cx="800" cy="450" r="54" fill="'.Palette::COLOURS['lamp'].'"/>';
}

function remainder(float $angle): float
{
    return $angle > M_PI ? $angle - 2 * M_PI : $angle;
}

/** A ray meets a block of glass at a slant. */
function slant(float $at): string
{
    $done = min(1.0, $at / 4.5);
    $glass = '<rect x="0" y="470" width="1600" height="430" fill="'.Palette::COLOURS['deep'].'"/>'
        .line(800, 200, 800, 760, 'mist', 3, '14 14');

    return $glass.bent([[300, 90], [800, 470], [1030, 900]], $done, 'lamp', 10)
        .($done > 0.55 ? bent([[800, 470], [1365, 900]], min(1.0, ($done - 0.55) * 4), 'mist', 4, '18 14') : '');
}

/** One ray through a prism-like lens: it bends on going in and on coming out. */
function twice(float $at): string
{
    $done = min(1.0, $at / 7.0);
    $lens = '<path d="M800 90 Q1010 450 800 810 Q590 450 800 90Z" fill="'.Palette::COLOURS['deep'].'" stroke="'
        .Palette::COLOURS['mist'].'" stroke-width="5"/>';
    $marks = '';
    foreach ([[731, 250, 0.36], [880, 280, 0.56]] as [$x, $y, $from]) {
        $marks .= $done > $from
            ? "<circle cx=\"{$x}\" cy=\"{$y}\" r=\"34\" fill=\"none\" stroke=\"".Palette::COLOURS['signal']
                .'" stroke-width="7"/>' : '';
    }

    return $lens.bent([[60, 210], [731, 250], [880, 280], [1560, 640]], $done, 'lamp', 10).$marks;
}

/** Rays from one point through the lens become one beam. */
function gathers(float $at): string
{
    $done = min(1.0, $at / 7.5);
    $rays = '';
    for ($ray = -4; $ray <= 4; $ray++) {
        $y = 450 + $ray * 72;
        $rays .= bent([[240, 450], [800, $y], [1600, $y]], $done, 'lamp', 8);
    }

    return '<path d="M800 70 Q960 450 800 830 Q640 450 800 70Z" fill="'.Palette::COLOURS['deep'].'" stroke="'
        .Palette::COLOURS['mist'].'" stroke-width="5"/>'.$rays
        .'<circle cx="240" cy="450" r="36" fill="'.Palette::COLOURS['lamp'].'"/>';
}

/** From above: the beam goes round. */
function turns(float $at): string
{
    $angle = $at * 0.9;
    $beam = '';
    foreach ([0, M_PI] as $side) {
        [$one, $other] = [$angle + $side - 0.09, $angle + $side + 0.09];
        $beam .= sprintf(
            '<polygon points="800,450 %.0f,%.0f %.0f,%.0f" fill="%s" opacity="0.85"/>', 800 + 1000 * cos($one),
            450 + 1000 * sin($one), 800 + 1000 * cos($other), 450 + 1000 * sin($other), Palette::COLOURS['lamp'],
        );
    }
    $waves = '';
    for ($wave = 0; $wave < 7; $wave++) {
        $waves .= sprintf(
            '<path d="M%d %d q30 -18 60 0 t60 0" fill="none" stroke="%s" stroke-width="4"/>',
            120 + ($wave * 521) % 1300, 90 + ($wave * 293) % 760, Palette::COLOURS['deep'],
        );
    }

    return $waves.$beam.'<circle cx="800" cy="450" r="64" fill="'.Palette::COLOURS['deep'].'"/>'.sprintf(
        '<g transform="rotate(%.1f 800 450)"><path d="M800 396 Q842 450 800 504 Q758 450 800 396Z" fill="%s"/></g>',
        rad2deg($angle), Palette::COLOURS['mist'],
    );
}

/** From a ship: a flash, dark, a flash. */
function ship(float $at): string
{
    $light = max(0.0, cos($at * M_PI / 1.5)) ** 6;
    $sea = '<rect y="620" width="1600" height="280" fill="'.Palette::COLOURS['deep'].'"/>';
    $tower = '<path d="M1180 620 L1198 330 H1262 L1280 620Z" fill="'.Palette::COLOURS['paper']
        .'"/><rect x="1196" y="270" width="68" height="60" fill="'.Palette::COLOURS['mist'].'"/>';
    $glow = sprintf(
        '<circle cx="1230" cy="300" r="%.0f" fill="%s" opacity="%.2f"/>', 30 + 190 * $light, Palette::COLOURS['lamp'],
        0.15 + 0.7 * $light,
    );
    $boat = sprintf(
        '<g transform="translate(0 %.1f)"><path d="M240 640 H520 L480 710 H290Z" fill="%s"/>'
        .'<path d="M370 630 V420 L500 600Z" fill="%s"/></g>',
        6 * sin($at * 2), Palette::COLOURS['brass'], Palette::COLOURS['paper'],
    );

    return $sea.$tower.$glow.$boat;
}

/** @param  list<array{float|int, float|int}>  $points  a way that is drawn as far as `done` */
function bent(array $points, float $done, string $colour, int $width, string $dashes = ''): string
{
    $lengths = [];
    for ($at = 1; $at < count($points); $at++) {
        $lengths[] = hypot($points[$at][0] - $points[$at - 1][0], $points[$at][1] - $points[$at - 1][1]);
    }
    $left = array_sum($lengths) * $done;
    $lines = '';
    foreach ($lengths as $at => $length) {
        if ($left <= 0) {
            break;
        }
        $part = min(1.0, $left / $length);
        [$from, $to] = [$points[$at], $points[$at + 1]];
        $lines .= line(
            $from[0], $from[1], $from[0] + ($to[0] - $from[0]) * $part, $from[1] + ($to[1] - $from[1]) * $part,
            $colour, $width, $dashes,
        );
        $left -= $length;
    }

    return $lines;
}

function line(float $x, float $y, float $toX, float $toY, string $colour, int $width, string $dashes = ''): string
{
    return sprintf(
        '<line x1="%.1f" y1="%.1f" x2="%.1f" y2="%.1f" stroke="%s" stroke-width="%d" stroke-linecap="round"%s/>',
        $x, $y, $toX, $toY, Palette::COLOURS[$colour], $width,
        $dashes === '' ? '' : " stroke-dasharray=\"{$dashes}\"",
    );
}
