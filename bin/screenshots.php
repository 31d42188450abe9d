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
$teacher->type('.bench input', '2142')->see('rule 2 → close');
$shot($teacher, 'scene');
$teacher
    ->press('Rehearse')
    ->see('nothing here is counted')
    ->click('.stage-lock')
    ->enter('2142')
    ->press('Try it')
    ->see('time of day')
    ->click('.panel-close');
usleep(300_000);
$shot($teacher, 'rehearsal');

$runOf = static function (string $label) use ($teacher): Browser {
    $address = (string) $teacher->go('/games?seek=The+Dark+Lamp')->script(
        'return [...document.querySelectorAll(".strip-runs p")].find((run) => run.textContent.includes(arguments[0]))'
            .'.querySelector("a").href',
        $label,
    );

    return $teacher->go((string) parse_url($address, PHP_URL_PATH));
};
$runOf('7B')->see('24 joined')->press('Report')
    ->see('What they answered instead');
$shot($teacher, 'report');
$teacher
    ->go('/games?seek=The+Dark+Lamp')
    ->press('The Dark Lamp')
    ->press('Open a run')
    ->see('frozen as it stands')
    ->type('#field-label', '7D');
$code = $teacher->press('Open it')->find('.run-code')->getText();
$teacher->go('/games')->see($code);
$shot($teacher, 'shelf');

$student = Browser::open($address, 390, 844)->go("/p/{$code}");
$student->type('#name', 'Mia')->press('Begin')->see('The ferry that brought you');
$shot($student, 'play-phone');
$student
    ->press('Climb the path to the keeper’s door')
    ->see('worn keys')
    ->click('.stage-lock')
    ->enter('2142')
    ->press('Try it')
    ->see('time of day');
$student->resize(1280, 800);
$shot($student, 'play');
$student->enter('0917')->press('Try it')->see('By the hearth');

$runOf('7C')->see('Needs you most')->find('.pennant-stuck');
$shot($teacher, 'run');

$teacher->go('/games?seek=Fog')->press('The Fog Crossing')->press('Open a run')->click('[name=plays_as][value=class]')
    ->press('Open it');
$class = $teacher->find('.run-code')->getText();
foreach (['Sol', 'Kay', 'Ono'] as $place => $name) {
    $voter = Browser::open($address, 390, 844)->go("/p/{$class}")->type('#name', $name)->press('Begin');
    $voter->until(fn (): bool => $voter->has('form.act [value=choose]'));
    $voter->script(
        'const ways = [...document.querySelectorAll("form.act input[name=verb][value=choose]")];'
            .'ways[Math.min(arguments[0], ways.length - 1)].form.requestSubmit()',
        $place > 1 ? 1 : 0,
    );
    $voter->see('Your vote is in.')->close();
}
$teacher->press('For the projector')->press('Show the scene and the vote')->see('3 votes');
usleep(1_200_000);
$shot($teacher, 'front');

$teacher->go('/games?seek=Lamp+Room')->press('Lamp Room Workbench')->press('Open a run')->press('Open it');
$bench = Browser::open($address)->go('/p/'.$teacher->find('.run-code')->getText());
$bench->type('#name', 'Runa')->press('Begin')->see('Six things lie')->find('[data-stage-near]');
$bench->pressDrawn('[aria-label="The tool box"]')->find('dialog .places');
$bench->enter('1824')->press('Try it')->see('The lid springs up.');
$bench->pressDrawn('[aria-label="The chest of drawers"]');
foreach (['Moon', 'Star', 'Boat'] as $sign) {
    $bench->click("dialog [data-say='{$sign}']");
}
$bench->press('Try it')->see('slides out');
usleep(400_000);
$shot($bench, 'workbench');
$key = $teacher->go('/games?seek=The+Dark+Lamp')->script('return document.querySelector("a[href$=\'/key\']").href');
$teacher->go((string) parse_url((string) $key, PHP_URL_PATH));
$shot($teacher, 'answer-key');

$teacher->go('/games?seek=Low+Tide');
$board = $teacher->script('return document.querySelector(\'a[aria-label*="Low Tide"][href$="/board"]\').href');
$teacher->go((string) parse_url((string) $board, PHP_URL_PATH))->click('[data-board="next"]');
[$open, $half] = $teacher->script(
    'return [...document.querySelectorAll("section:not([hidden]) .drawer-handle")].slice(0, 4)'
        .'.map((one) => one.getBoundingClientRect()).map(({ x, y, width, height }) => '
        .'[x + width / 2, y + height / 2, width].map(Math.round)).filter((one, at) => at === 0 || at === 3)',
);
$to = static fn (array $at, float $far): array => [
    'type' => 'pointerMove', 'duration' => 40, 'x' => (int) ($at[0] + $far * $at[2]), 'y' => $at[1],
];
$down = ['type' => 'pointerDown', 'button' => 0];
$teacher->perform(Browser::mouse([
    $to($open, 0.0), $down, $to($open, 0.6), $to($open, 1.0), ['type' => 'pointerUp', 'button' => 0],
    ['type' => 'pause', 'duration' => 400], $to($half, 0.0), $down, $to($half, 0.2), $to($half, 0.45),
]));
$shot($teacher, 'board');
$teacher->perform(Browser::mouse([['type' => 'pointerUp', 'button' => 0]]));

$teacher->go('/games?seek=Lens')->press('How the Lens Turns')->click('.stretch-stop[data-stop="where-it-bends"]')
    ->find('.film-stop-mark.here');
$teacher->until(fn (): bool => $teacher->script('return document.querySelector(".film-media").readyState > 2'));
usleep(600_000);
$shot($teacher, 'film');
$teacher->press('Open a run')->press('Open it');
$watcher = Browser::open($address, 390, 844)->go('/p/'.$teacher->find('.run-code')->getText());
$watcher->type('#name', 'Sol')->press('Begin')->press('Watch how it turns')->click('[data-film-begin]')
    ->see('Where would you begin?')->press('At the beginning: how light goes');
$watcher->until(fn (): bool => ! $watcher->has('.film-stopped'));
$watcher->script('document.querySelector("video").currentTime = 13');
$watcher->see('0 of 3 right in a row');
usleep(600_000);
$shot($watcher, 'film-phone');

$teacher->go('/games?seek=Who+Nests')->press('Who Nests Here?')->press('Rehearse')->see('Who nests on this cliff?');
foreach (['puffin', 'egg', 'ledge', 'tern', 'puffling', 'fish', 'eider'] as $place => $answer) {
    $teacher->script('document.querySelectorAll(".stage-lock")[arguments[0]].click()', $place);
    $teacher->type('dialog input[name=with]', $answer)->click('dialog .try')->see('Right.');
    $teacher->script('document.querySelector("dialog .panel-close")?.click()');
    usleep(400_000);
}
$shot($teacher, 'mosaic');
