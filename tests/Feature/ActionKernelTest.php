<?php

use App\Models\Run;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Tests\Support\Classroom;
use Tests\Support\Feature\ActionKernelCases;

beforeEach(function (): void {
    $this->freezeTime();
    ActionKernelCases::begin();
    $this->code = Classroom::open()->code;
    $this->play = Classroom::join(Run::query()->firstOrFail());
});

afterEach(fn () => ActionKernelCases::end());

it('says what the router says, in the same headers', function (array ...$acts): void {
    $other = Classroom::join($this->play->run, 'Finn');
    $told = static function ($reply): array {
        // Keys, tickets, and where icons are, which tests leave out.
        $markup = preg_replace('/(value="[^"]+"|href="[^"#]*(?=#))/', '', array_map(strval(...), array_intersect_key(
            json_decode($reply->getContent(), true), ['scene' => '', 'rims' => ''],
        )));

        return [
            ['beat' => null] + $markup + json_decode($reply->getContent(), true),
            array_diff_key($reply->headers->all(), ['date' => 0]), $reply->getStatusCode(),
        ];
    };
    foreach ($acts as $fields) {
        $short = ActionKernelCases::answer($this->code, Classroom::form($this->play, $fields));
        $form = Classroom::form($other, $fields);
        $long = $this->withUnencryptedCookie('fravel_play', $form['ticket'])
            ->withHeaders(['Accept' => 'application/json'])->post("/p/{$this->code}", $form)->baseResponse;
        expect($short)->not->toBeNull()->and($told($short))->toBe($told($long))
            ->and($short?->headers->get('Cache-Control'))->toContain('no-store');
    }
    $kept = fn ($play): array => DB::table('play_events')->where('play_id', $play->id)->orderBy('seq')
        ->pluck('action')->all();
    expect($kept($this->play))->toBe($kept($other));
})->with([
    'of a wrong answer, a right one, and an ending' => [
        ['verb' => 'answer', 'on' => 'door', 'with' => 'puffin'],
        ['verb' => 'answer', 'on' => 'door', 'with' => "gan\0net"],
        ['verb' => 'choose', 'on' => 'leave'],
    ],
    'of a hint, and of what is not there' => [
        ['verb' => 'hint', 'on' => 'door'], ['verb' => 'choose', 'on' => 'leave'],
    ],
]);

it('leaves to the application what is not plain, and changes nothing', function (
    string $code, array $form, array $headers = [],
): void {
    $form += Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    expect(ActionKernelCases::answer($code ?: $this->code, $form, $headers))->toBeNull()
        ->and(DB::table('plays')->value('seq'))->toBe($this->play->seq);
})->with([
    'for a page' => ['', [], ['Accept' => 'text/html']],
    'without a key' => ['', ['key' => '']],
    'to a foreign host' => ['', [], ['Host' => 'elsewhere.example']],
    'of no known verb' => ['', ['verb' => 'fly']],
]);

it('tells a stranger so before anything of a play is opened', function (string $code, array $form): void {
    $form += Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $reply = ActionKernelCases::answer($code ?: $this->code, $form);

    expect($reply?->getStatusCode())->toBe(401)->and((string) $reply?->getContent())->toContain('"stranger":true')
        ->and(DB::table('plays')->value('seq'))->toBe($this->play->seq);
})->with([
    'under another code' => ['ABCDE', []],
    'with a foreign ticket' => ['', ['ticket' => 'x.'.str_repeat('0', 32)]],
]);

it('leaves it to the application to refuse a foreign host', function (): void {
    $form = Classroom::form($this->play, ['verb' => 'hint', 'on' => 'door']);
    expect(ActionKernelCases::answer($this->code, $form, ['Host' => 'elsewhere.example']))->toBeNull()
        ->and(fn () => ActionKernelCases::$sent->getHost())->toThrow(SuspiciousOperationException::class);
});

it('takes nothing while all rests', function (): void {
    $_ENV['LARAVEL_STORAGE_PATH'] = sys_get_temp_dir().'/fravel-down-'.getmypid();
    $down = $_ENV['LARAVEL_STORAGE_PATH'].'/framework/down';
    File::ensureDirectoryExists(dirname($down));
    touch($down);
    $form = fn (): array => Classroom::form($this->play, ['verb' => 'hint', 'on' => 'door']);
    expect(ActionKernelCases::answer($this->code, $form()))->toBeNull();
    unlink($down);
    expect(ActionKernelCases::answer($this->code, $form()))->not->toBeNull();
    unset($_ENV['LARAVEL_STORAGE_PATH']);
});

it('counts once what it kept before it failed', function (): void {
    $form = Classroom::form($this->play, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']);
    $log = tempnam(sys_get_temp_dir(), 'fravel-log');
    config(['logging.default' => 'single', 'logging.channels.single' => ['driver' => 'single', 'path' => $log]]);
    config(['view.paths' => ['/nowhere']]);
    expect(ActionKernelCases::answer($this->code, $form))->toBeNull()
        ->and(file_get_contents($log))->toContain('View [play.scene] not found')->not->toContain('gannet');
    unlink($log);
    config(['view.paths' => [resource_path('views')]]);
    $this->withUnencryptedCookie('fravel_play', $form['ticket'])
        ->withHeaders(['Accept' => 'application/json'])->post("/p/{$this->code}", $form)->assertOk()
        ->assertJsonPath('refusal', null);
    expect(DB::table('plays')->value('seq'))->toBe($this->play->seq + 1);
});

it('believes of a proxy only what it says for one that it is told of', function (): void {
    $form = fn (): array => Classroom::form($this->play, ['verb' => 'hint', 'on' => 'door']);
    $forwarded = ['X-Forwarded-Host' => 'elsewhere.example'];
    expect(ActionKernelCases::answer($this->code, $form(), $forwarded))->not->toBeNull();
    config(['fravel.proxies' => ['127.0.0.1']]);
    expect(ActionKernelCases::answer($this->code, $form(), $forwarded))->toBeNull();
});
