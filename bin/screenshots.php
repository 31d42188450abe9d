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

$teacher->script(
    'document.querySelector("input[name=pattern][value=hub]").closest("form").querySelector("button").click()',
);
$teacher->find('.patterns-form');
$teacher
    ->type('[data-key="pattern.field.gameTitle"]', 'Birds and tides')
    ->type('[data-key="pattern.field.place"]', 'The crossroads')
    ->find('[data-key="pattern.field.questions"]')
    ->click();
$teacher->script(
    'document.execCommand("insertText", false, arguments[0])',
    "Where do puffins nest?\tin burrows\tUnder the ground.\tBirds\n"
        ."How many eggs do they lay?\t1\tFewer than two.\tBirds\nWhat moves the tide?\tthe moon\tLook up.\tTides\n"
        ."How many tides has a day?\t2\tOne and one more.\tTides",
);
usleep(1_500_000);
$teacher->script('document.querySelector(".pattern-rows").scrollLeft = 0');
$shot($teacher, 'pattern');
$teacher->click('[data-key="patterns.build"]')->find('.station-place');

$teacher
    ->go('/games/new')
    ->script(
        'document.querySelector("input[name=pattern][value=quiz]").closest("form").querySelector("button").click()',
    );
$teacher
    ->type('[data-key="pattern.field.gameTitle"]', 'Keeper, pilot or cartographer?')
    ->find('[data-key="pattern.field.outcomes"]')
    ->click();
$teacher->script(
    'document.execCommand("insertText", false, arguments[0])',
    "Keeper\tYou stay when others go.\nPilot\tYou know the way.\nCartographer\tYou see what others miss.",
);
$teacher->find('[data-key="pattern.field.quizQuestions"]')->click();
$teacher->script(
    'document.execCommand("insertText", false, arguments[0])',
    "What do you pack first?\ta lantern\ta compass\ta pencil\nA storm comes. You …\tstay\tsteer\n"
        ."Where do you sit?\tby the lamp\tat the wheel\nWhat do you hear first?\tthe bell\tthe engine",
);
$teacher->click('[data-key="patterns.build"]')->find('.station-place');
$teacher->click('[data-face="sheet"]')->click('[data-key="sheet.option"]')->see('can never win');
usleep(600_000);
$shot($teacher, 'outcomes');

$teacher
    ->go('/games/new')
    ->press('Take a worksheet')
    ->find('#file')
    ->sendKeys(dirname(__DIR__).'/tests/Examples/worksheets/worksheet.csv');
$teacher->see('Build the game')->type('#title', 'Lights and tides');
$shot($teacher, 'worksheet');
$teacher->press('Build the game')->find('.station-place');

$teacher->go('/games?seek=The+Dark+Lamp')->press('The Dark Lamp')->find('.station-place');
usleep(500_000);
$shot($teacher, 'map');
$teacher->click('[data-face="sheet"]')->find('.grid-row');
usleep(500_000);
$shot($teacher, 'sheet');
$teacher->click('[data-face="map"]')->click('[data-scene="keepers-door"]')->click('.placed-lock');
$teacher->click('.near summary')->see('one step off');
$teacher->click('.near summary');
$shot($teacher, 'scene');
$teacher->script('const card = document.querySelector(".card-body"); card.scrollTop = card.scrollHeight');
$teacher->type('.bench input', '2142')->see('rule 2 → close');
$shot($teacher, 'bench');
$teacher->click('#findings-count');
usleep(400_000);
$shot($teacher, 'findings');
$teacher
    ->click('[data-key="findings.close"]')
    ->click('[data-add="picture"]')
    ->type('[data-key="pictures.search"]', 'clock');
usleep(900_000);
$shot($teacher, 'pictures');
$teacher->click('[data-key="pictures.close"]');
$teacher
    ->press('Rehearse')
    ->see('nothing here is counted')
    ->click('.stage-lock')
    ->type('.digits-input', '2142')
    ->press('Try it')
    ->see('time of day')
    ->click('.panel-close');
usleep(300_000);
$shot($teacher, 'rehearsal');

$teacher->go('/games')->click('.strip-runs .code')->see('24 joined');
$shot($teacher, 'run');
$teacher
    ->go('/games')
    ->press('The Dark Lamp')
    ->press('Open a run')
    ->see('frozen as it stands')
    ->type('#field-label', '7C');
$shot($teacher, 'open-a-run');
$code = $teacher->press('Open it')->find('.run-code')->getText();
$teacher->go('/games')->see($code);
$shot($teacher, 'shelf');

$student = Browser::open($address, 390, 844)->go("/p/{$code}");
$shot($student, 'join-phone');
$student->type('#name', 'Mia')->press('Begin')->see('The ferry that brought you');
$shot($student, 'play-phone');
$student
    ->press('Climb the path to the keeper’s door')
    ->see('worn keys')
    ->click('.stage-lock')
    ->type('.digits-input', '2142')
    ->press('Try it')
    ->see('time of day');
$shot($student, 'feedback-phone');
$student->resize(1280, 800);
$shot($student, 'play');
$student->type('.digits-input', '0917')->press('Try it')->see('By the hearth');
$shot($student, 'right-answer');
