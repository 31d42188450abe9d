<?php

use App\Models\Game;
use App\Models\User;
use App\Play\CompiledEdition;
use App\Play\Screen;
use App\Words\Languages;
use Fravel\State\PlayState;
use Illuminate\Support\Facades\File;
use Tests\Support\Classroom;
use Tests\Support\Feature\LanguageCases;
use Tests\Support\Games;

it('has the same words with the same places in every language', function (string $language): void {
    $words = LanguageCases::words($language);
    $english = array_filter(
        LanguageCases::words('en'),
        static fn (string $key): bool => in_array(strtok($key, '.'), LanguageCases::filesOf($language), true),
        ARRAY_FILTER_USE_KEY,
    );

    expect(array_keys($words))->toEqualCanonicalizing(array_keys($english));
    foreach ($english as $key => $told) {
        expect(LanguageCases::places($words[$key]))->toBe(LanguageCases::places($told), "{$language} {$key}");
    }
})->with(['de', 'fr', 'es']);

it('speaks to students in four languages and to teachers in two', function (): void {
    expect(Languages::ofStudents())->toEqualCanonicalizing(['de', 'en', 'es', 'fr'])
        ->and(Languages::ofTeachers())->toEqualCanonicalizing(['de', 'en']);
});

it('asks for no words that are not there', function (string $folder, string $pattern, string $asking): void {
    // What the patterns' forms hold beside words is put to them.
    $words = LanguageCases::words('en') + ['patterns.usuals' => ''];
    $lists = array_unique(
        array_merge(
            ...array_map(
                static fn (string $key): array => array_map(
                    static fn (int $end): string => substr($key, 0, $end),
                    array_keys(array_filter(str_split($key), static fn (string $letter): bool => $letter === '.')),
                ),
                array_keys($words),
            ),
        ),
    );
    foreach (LanguageCases::sources($folder, $pattern) as $file => $source) {
        preg_match_all($asking, $source, $asked);
        foreach ($asked[1] as $key) {
            expect(isset($words[$key]) || in_array($key, $lists, true))->toBeTrue("{$file} asks for {$key}");
        }
    }
})->with([
    'scripts' => ['resources/js', '*.js', "/(?<![\\w.])(?:t|wordsAt)\\('([^']+\\.[^']+)'/"],
    'templates' => ['resources/views', '*.php', "/(?:__|trans)\\('([a-z]+\\.[\\w.-]+[\\w])'/"],
    'PHP' => ['app', '*.php', "/(?:__|trans)\\('([a-z]+\\.[\\w.-]+[\\w])'/"],
]);

it('holds no words in templates', function (): void {
    foreach (LanguageCases::sources('resources/views', '*.blade.php') as $file => $source) {
        if (str_contains($file, '/settings/')) {
            continue;
        }
        $bare = (string) preg_replace(
            [
                '/\{\{--.*?--\}\}/s', '/\{!!.*?!!\}/s', '/\{\{.*?\}\}/s',
                '/@(?:php|if|elseif|foreach|forelse|for|unless|isset|include|includeFirst|props|error|class|checked'
                    .'|selected|disabled|vite|method|use)\s*(\((?:[^()]++|(?1))*\))/s',
                '/@\w+/',
            ],
            ' ', $source,
        );
        preg_match_all('/\b(?:aria-label|title|placeholder|alt|label|help)="([^"]*[a-z]{2}[^"]*)"/', $bare, $labels);
        $text = (string) preg_replace('/<(?:[^<>"]|"[^"]*")*>/s', ' ', $bare);
        preg_match_all('/\p{L}{2,}/u', (string) preg_replace('/\bFravel\b|\bmin\b/', '', $text), $left);

        expect([
            ...array_filter(
                $labels[1],
                static fn (string $label): bool => ! str_contains($label, '$') && ! str_contains($label, '('),
            ),
            ...$left[0],
        ])
            ->toBe([], $file);
    }
});

it('holds no words in scripts', function (): void {
    foreach (LanguageCases::sources('resources/js', '*.js') as $file => $source) {
        $code = (string) preg_replace(['~/\*.*?\*/~s', '~(?<![:\'"`\w])//.*$~m', '/^import .*$/m'], '', $source);
        preg_match_all('/\'((?:[^\'\\\\\n]|\\\\.)*)\'|`((?:[^`\\\\]|\\\\.)*)`/', $code, $strings);
        $texts = array_map(
            static fn (string $one, string $other): string => (string) preg_replace(
                '/\$\{(?:[^{}]|\{[^{}]*\})*\}/', '§', $one.$other,
            ),
            $strings[1], $strings[2],
        );
        $words = array_filter(
            $texts,
            static fn (string $text): bool => preg_match(
                '/[“”„…]|\b[A-Z][a-z]+ [a-z]+\b|\b[a-z]{2,} (?:[a-z]{1,} )+[a-z]{2,}\b/', $text,
            ) === 1 && preg_match('/[<>{}#\[\]]|="|\w=\w|--|\bsans-serif\b|^M\d|^\W*$/u', $text) === 0,
        );
        // Classes stand in a row too; a sentence has small words between.
        $words = array_filter(
            $words,
            static fn (string $text): bool => preg_match(
                '/[“”„]|\b[A-Z][a-z]+ [a-z]+\b|\b(?:a|an|the|of|to|in|is|it|with|here|for|no|not|and)\b/', $text,
            ) === 1,
        );

        expect(array_values($words))->toBe([], $file);
    }
});

it('speaks to teachers in the language of their account, else as their browser asks', function (): void {
    $teacher = User::factory()->create(['language' => null]);
    $this->get('/sign-in', ['Accept-Language' => 'de-CH,en;q=0.5'])->assertSee('lang="de"', false)
        ->assertSee('Anmelden');
    $this->get('/sign-in', ['Accept-Language' => 'fr,it;q=0.5'])->assertSee('lang="en"', false);
    $this->post('/language', ['language' => 'de'])->assertRedirect();
    $this->get('/sign-in')->assertSee('Anmelden');
    $this->actingAs($teacher)->post('/language', ['language' => 'de']);
    expect($teacher->fresh()->language)->toBe('de');
    $this->get('/games', ['Accept-Language' => 'en'])->assertSee('Ihre Spiele');
    $this->post('/language', ['language' => 'fr'])->assertSessionHasErrors('language');
});

it('shows a teacher every page in German and no word of another language', function (string $page): void {
    $teacher = User::factory()->create(['language' => 'de']);
    $game = Game::factory()->for($teacher)
        ->create([
            'title' => 'Nacht am Meer',
            'document' => json_encode(
                ['language' => 'de'] + Games::document(
                    [
                        [
                            'id' => 'hall', 'title' => 'Halle',
                            'things' => [Games::lock('l', 'gull', [], ['go' => 'end'])],
                        ],
                        ['id' => 'end', 'title' => 'Ende', 'ending' => ['kind' => 'won', 'md' => '']],
                    ],
                    ['title' => 'Nacht am Meer'],
                ),
            ),
        ]);
    $mode = str_contains($page, '/front') ? 'class' : 'each';
    $run = app(App\Actions\OpenRun::class)->handle($game, '7B', true, [
        'shows_wall' => true, 'gives_certificates' => true, 'plays_as' => $mode,
    ]);
    Classroom::join($run, 'Mia');
    $shown = $this->actingAs($teacher)->get(strtr($page, ['{game}' => $game->id, '{run}' => $run->id]))->assertOk()
        ->getContent();

    expect(str_contains((string) $shown, '<html lang="de">') || ! str_contains((string) $shown, '<html'))->toBeTrue()
        ->and(LanguageCases::strangers(LanguageCases::seen((string) $shown), 'de'))->toBe([]);
})->with([
    '/games', '/games?away=1', '/games?seek=nirgends', '/games/new', '/games/new/worksheet', '/games/{game}',
    '/games/{game}/runs/new', '/games/{game}/rehearsal', '/runs/{run}', '/runs/{run}/standing', '/outbox',
    '/runs/{run}/settings', '/runs/{run}/report', '/runs/{run}/compare', '/runs/{run}/texts', '/runs/{run}/wall',
    '/runs/{run}/front', '/runs/{run}/front/votes', '/certificates', '/certificates?code=CDFG-HJKM', '/receiver',
    '/games/{game}/dry-run', '/games/{game}/runs',
]);

it('shows guests every page in German and no word of another language', function (string $page): void {
    expect(
        LanguageCases::strangers(
            LanguageCases::seen((string) $this->get($page, ['Accept-Language' => 'de'])->getContent()), 'de',
        ),
    )->toBe([]);
})->with(['/sign-in', '/register', '/forgotten', '/reset/x', '/', '/join?code=zzzzz', '/nothing-here']);

it('speaks to students in the language of their game', function (string $language, string $go, string $hint): void {
    $document = ['language' => $language] + Games::document([
        [
            'id' => 'hall', 'title' => 'Halle 7', 'back' => true,
            'things' => [
                ['hints' => [['md' => 'x']], 'otherwise' => []] + Games::lock('l', 'zzgull'),
                [
                    'id' => 'c', 'kind' => 'cover', 'label' => 'X1', 'front' => ['md' => 'V1'],
                    'back' => ['md' => 'B1'], 'opens' => 'tap',
                ],
                [
                    'id' => 'm', 'kind' => 'mosaic', 'asset' => 'a', 'label' => 'X2', 'columns' => 1, 'rows' => 1,
                    'by' => [],
                ],
            ],
            'next' => [['go' => 'end']],
        ],
        ['id' => 'end', 'title' => 'Q', 'ending' => ['kind' => 'won', 'md' => '']],
    ], ['title' => 'T1', 'tokens' => [], 'tallies' => [['id' => 'p', 'name' => 'P1', 'start' => 1, 'shown' => true]]]);
    $run = Classroom::open($document);
    $run->update(['shows_wall' => true, 'gives_certificates' => true, 'shows_order' => true, 'plays_as' => 'teams']);
    $play = Classroom::join($run, 'Mia');
    $door = (string) $this->get("/p/{$run->code}", ['Accept-Language' => 'en'])->getContent();
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play));
    $page = (string) $this->get("/p/{$run->code}", ['Accept-Language' => 'en'])
        ->assertSee("<html lang=\"{$language}\">", false)->getContent();
    $reply = $this->post(
        "/p/{$run->code}", Classroom::form($play, ['verb' => 'answer', 'on' => 'l', 'with' => '']),
        ['Accept' => 'application/json'],
    )
        ->json('refusal');
    $ended = (string) $this->post(
        "/p/{$run->code}", Classroom::form($play, ['verb' => 'continue', 'on' => '']),
    )->getContent();

    $after = array_map(
        fn (string $path): string => (string) $this->get("/p/{$run->code}/{$path}")->assertOk()->getContent(),
        ['certificate', 'emblem', 'wall'],
    );

    expect($page)->toContain($go)->toContain($hint);
    foreach ([$door, $page, $reply, $ended, ...$after] as $shown) {
        expect(LanguageCases::strangers(LanguageCases::seen($shown), $language))->toBe([]);
    }
})->with([
    ['de', 'Weiter', 'Einen Hinweis, bitte'], ['fr', 'Continuer', 'Un indice'], ['es', 'Seguir', 'Una pista'],
    ['en', 'Go on', 'A hint, please'],
]);

it('marks words of a game whose language the interface does not speak', function (): void {
    $run = Classroom::open(
        ['language' => 'it'] + Games::document([
            ['id' => 'a', 'title' => 'Il molo', 'things' => [['id' => 't', 'kind' => 'text', 'md' => 'Ciao']]],
            ['id' => 'b', 'ending' => ['kind' => 'won', 'md' => '']],
        ]),
    );
    $play = Classroom::join($run, 'Mia');
    $this->get("/p/{$run->code}")->assertSee('<h1 lang="it">', false);
    $this->withUnencryptedCookie('fravel_play', Classroom::ticket($play))->get("/p/{$run->code}")
        ->assertSee('<html lang="en">', false)->assertSee('lang="it">Il molo</h1>', false)
        ->assertSeeInOrder(['<div class="words', 'lang="it">', 'Ciao'], false);
});

it('puts words into a new game in the game’s own language', function (): void {
    $teacher = User::factory()->create(['language' => 'en']);
    $this->actingAs($teacher)->post('/games', ['title' => 'La nuit'], ['Accept-Language' => 'fr']);
    $game = $teacher->games()->sole();
    expect($game->read()->language())->toBe('fr')->and($game->read()->scene($game->read()->start())->title)
        ->toBe('Première scène');
    $this->get("/games/{$game->id}")->assertSee('Nouvelle scène', false)->assertSee('lang="en"', false);
});

it('tells times in the zone that the browser names, and says which', function (): void {
    $teacher = User::factory()->create();
    $run = app(App\Actions\OpenRun::class)->handle(Game::factory()->for($teacher)->create(), '7B', false);
    $play = Classroom::join($run, 'Mia');
    $play->forceFill([
        'ended_at' => 1_795_000_000, 'state' => json_encode(['ended' => 'won'] + json_decode($play->state, true)),
    ])->save();
    $this->actingAs($teacher)->withUnencryptedCookie('zone', 'Asia/Tokyo')->get("/runs/{$run->id}")
        ->assertSee('Finished (JST)')
        ->assertSee(
            '>'.date_create('@1795000000')->setTimezone(new DateTimeZone('Asia/Tokyo'))->format('H:i').'<', false,
        );
    $this->withUnencryptedCookie('zone', 'No/Where"><b>')->get("/runs/{$run->id}")->assertSee('Finished (UTC)');
});

it('tells what was found in the language of whoever asks', function (): void {
    $teacher = User::factory()->create(['language' => 'de']);
    $game = Game::factory()->for($teacher)
        ->create(['document' => json_encode(Games::document([['id' => 'a', 'title' => 'A', 'things' => []]]))]);
    $german = $this->actingAs($teacher)->getJson("/games/{$game->id}/findings")->json('findings.*.words');
    $teacher->update(['language' => 'en']);

    expect($german)->toContain('Das Spiel hat kein Ende.')
        ->and($this->getJson("/games/{$game->id}/findings")->json('findings.*.words'))
        ->toContain('The game has no ending.');
});

it('brings the scripts of play every word they speak', function (): void {
    $edition = CompiledEdition::ofDraft(Games::of([['id' => 'a', 'things' => []]]));
    $screen = new Screen($edition, PlayState::begin([], 1, 0), 0);
    $spoken = $screen->words()['play'];
    $asked = [];
    foreach (File::allFiles(resource_path('js/play')) as $file) {
        preg_match_all('/[\'"`]play\.([a-zA-Z_]+)/', $file->getContents(), $named);
        $asked = [...$asked, ...$named[1]];
    }

    expect(array_diff(array_unique($asked), array_keys($spoken)))->toBe([])
        ->and(array_diff(array_keys($spoken), $asked, ['offline', 'failing']))->toBe([]);
});
