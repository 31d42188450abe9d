<?php

declare(strict_types=1);

// Remakes docs/screenshots/ from the demo data: one picture of each main view.

require __DIR__.'/../vendor/autoload.php';

use Database\Seeders\DemoSeeder;
use Tests\Support\Browser;
use Tests\Support\Server;

$folder = dirname(__DIR__).'/docs/screenshots';
$address = Server::start()->address;
$shot = static function (Browser $browser, string $name) use ($folder): void {
    $browser->shoot("{$folder}/{$name}.png");
    echo "{$name}.png\n";
};

$teacher = Browser::open($address)->signIn(DemoSeeder::EMAIL, DemoSeeder::PASSWORD);
$teacher->go('/games/new');
$shot($teacher, 'new-game');

$teacher->press('Take a worksheet')->find('#file')->sendKeys(dirname(__DIR__).'/tests/Examples/worksheets/worksheet.csv');
$teacher->see('Build the game')->type('#title', 'Lights and tides');
$shot($teacher, 'worksheet');
$teacher->press('Build the game')->find('.station-place');

$teacher->go('/games')->press('The Dark Lamp')->find('.station-place');
usleep(500_000);
$shot($teacher, 'map');
$teacher->click('[data-scene="keepers-door"]')->click('.placed-lock')->see('one step off');
$shot($teacher, 'scene');
$teacher->script('const card = document.querySelector(".card-body"); card.scrollTop = card.scrollHeight');
$teacher->type('.bench input', '2142')->see('rule 2 → close');
$shot($teacher, 'bench');
$teacher->click('#findings-count');
usleep(400_000);
$shot($teacher, 'findings');
$teacher->click('[data-key="findings.close"]')->click('[data-add="picture"]')->type('[data-key="pictures.search"]', 'clock');
usleep(900_000);
$shot($teacher, 'pictures');
$teacher->click('[data-key="pictures.close"]');
$teacher->press('Rehearse')->see('nothing here is counted');
$shot($teacher, 'rehearsal');

$teacher->go('/games')->click('.strip-runs .code')->see('24 joined');
$shot($teacher, 'run');
$teacher->go('/games')->press('The Dark Lamp')->press('Open a run')->see('frozen as it stands')->type('#field-label', '7C');
$shot($teacher, 'open-a-run');
$code = $teacher->press('Open it')->find('.run-code')->getText();
$teacher->go('/games')->see($code);
$shot($teacher, 'shelf');

$student = Browser::open($address, 390, 844)->go("/p/{$code}");
$shot($student, 'join-phone');
$student->type('#name', 'Mia')->press('Begin')->see('The ferry that brought you');
$shot($student, 'play-phone');
$student->press('Climb the path to the keeper’s door')->see('worn keys')->click('.stage-lock')->type('.digits-input', '2142')->press('Try it')->see('time of day');
$shot($student, 'feedback-phone');
$student->resize(1280, 800);
$shot($student, 'play');
$student->type('.digits-input', '0917')->press('Try it')->see('By the hearth');
$shot($student, 'right-answer');
