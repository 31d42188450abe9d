<?php

use App\Records\Receiver;
use App\Records\RecordQueue;
use App\Records\Statements;
use Illuminate\Http\Client\Request as Sent;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use Tests\Support\Classroom;
use Tests\Support\Feature\PlayCases;

beforeEach(function (): void {
    $this->travelTo('2026-11-27 09:00:00');
    $this->run = Classroom::open();
    $this->play = Classroom::join($this->run);
    foreach (
        [
            [20, ['verb' => 'answer', 'on' => 'door', 'with' => 'gull']],
            [15, ['verb' => 'answer', 'on' => 'door', 'with' => 'gannet']],
            [30, ['verb' => 'choose', 'on' => 'leave']],
        ] as [$seconds, $fields]
    ) {
        $this->travel($seconds)->seconds();
        PlayCases::act($this, $fields);
    }
    // Requests to the receiver go to the receiver, without a network.
    Http::fake(fn (Sent $request) => Http::response(
        ($reply = $this->call('POST', '/receiver/statements', [], [], [], [
            'HTTP_AUTHORIZATION' => $request->header('Authorization')[0], 'CONTENT_TYPE' => 'application/json',
            'PHP_AUTH_USER' => Receiver::NAME, 'PHP_AUTH_PW' => Receiver::secret(),
        ], $request->body()))->content(), $reply->status(),
    ));
    $this->actingAs($this->run->game->user);
    $this->send = fn () => $this->post("/runs/{$this->run->id}/records");
});

it('says what was done in open statements, the same ones each time', function (): void {
    $file = $this->get("/runs/{$this->run->id}/records.json")->assertOk()->streamedContent();
    $statements = json_decode($file, true, flags: JSON_THROW_ON_ERROR);
    expect(array_map(fn (array $one): string => basename($one['verb']['id']), $statements))
        ->toBe(['initialized', 'answered', 'answered', 'passed'])
        ->and(array_column($statements, 'result'))->toBe([
            ['response' => 'gull', 'success' => false, 'duration' => 'PT20S'],
            ['response' => 'gannet', 'success' => true, 'duration' => 'PT15S'],
            ['completion' => true, 'duration' => 'PT65S', 'success' => true],
        ])
        ->and($statements[1]['timestamp'])->toBe('2026-11-27T09:00:20Z')
        ->and($statements[0]['actor'])->toBe([
            'objectType' => 'Agent', 'name' => 'Mia',
            'account' => ['homePage' => url('/'), 'name' => $this->play->id],
        ])
        ->and(array_filter(array_column($statements, 'id'), Str::isUuid(...)))->toHaveCount(4)
        ->and(iterator_to_array(Statements::each($this->run->fresh()), false))->toEqual($statements);
});

it('sends each record once, keeps what a receiver that is down does not take, and tries again', function (): void {
    $this->post('/receiver', ['down' => 1]);
    ($this->send)()->assertSessionHas('status', __('records.down'));
    expect(RecordQueue::standing($this->run))
        ->toBe(['sent' => 0, 'waiting' => 4, 'next' => now()->getTimestamp() + 30]);
    $this->get("/runs/{$this->run->id}/report")->assertSee('0 of 4 are with the receiver.')->assertSee('Try to send');
    // Not before its time; later each time.
    $this->artisan('records:send');
    expect(DB::table('records')->max('tries'))->toBe(1);
    $this->travel(31)->seconds();
    $this->artisan('records:send');
    expect(DB::table('records')->max('tries'))->toBe(2)
        ->and(RecordQueue::standing($this->run)['next'])->toBe(now()->getTimestamp() + 60);
    $this->post('/receiver', ['down' => 0]);
    $this->travel(61)->seconds();
    $this->artisan('records:send');
    expect(RecordQueue::standing($this->run))->toBe(['sent' => 4, 'waiting' => 0, 'next' => null])
        ->and(DB::table('received_records')->count())->toBe(4);
    ($this->send)()->assertSessionHas('status', __('records.sent'));
    expect(DB::table('received_records')->count())->toBe(4);
    $this->get('/receiver')->assertSee('4 statements')->assertSee('Mia')->assertSee('gannet');
});

it('tries what waits for a time that a clock put back has made far', function (): void {
    $this->post('/receiver', ['down' => 1]);
    ($this->send)();
    $this->post('/receiver', ['down' => 0]);
    $this->travel(-3)->hours();
    $this->artisan('records:send');

    expect(RecordQueue::standing($this->run)['waiting'])->toBe(0);
});

it('takes statements from those alone who know its secret, and nothing else', function (): void {
    $post = fn (string $body, string $secret) => $this->call('POST', '/receiver/statements', [], [], [], [
        'PHP_AUTH_USER' => Receiver::NAME, 'PHP_AUTH_PW' => $secret,
    ], $body);
    $post('[]', 'guess')->assertUnauthorized();
    foreach (['', 'nonsense', '[]', '{"id": 1}', '[{"verb": {"id": "x"}}]'] as $body) {
        $post($body, Receiver::secret())->assertStatus(400);
    }
    expect(DB::table('received_records')->count())->toBe(0);
    $one = (string) json_encode(Statements::each($this->run)->current());
    $post($one, Receiver::secret())->assertOk();
    $post($one, Receiver::secret())->assertOk();
    expect(DB::table('received_records')->count())->toBe(1);
});

it('sends to its own address and names it, whatever host a request calls us by', function (): void {
    config(['app.url' => 'https://fravel.example', 'fravel.hosts' => ['other.example']]);
    $this->get('https://other.example/')->assertOk();
    expect(Receiver::address())->toBe('https://fravel.example/receiver/statements')
        ->and(Statements::each($this->run)->current()['object']['id'])->toStartWith('https://fravel.example/runs/');
    foreach (['other.example:9999' => 400, 'fravel.example:9999' => 400, 'fravel.example:443' => 200] as $host => $is) {
        $this->get("https://{$host}/")->assertStatus($is);
    }
});

it('forgets records with the play or the run that they are of, at the receiver inside too', function (): void {
    ($this->send)();
    $other = Classroom::join($this->run, 'Ben');
    PlayCases::act($this, ['verb' => 'hint', 'on' => 'door', 'ticket' => Classroom::ticket($other)]);
    ($this->send)();
    $names = fn (): array => DB::table('received_records')->get()
        ->map(fn (stdClass $one): string => json_decode($one->statement)->actor->name)->unique()->values()->all();
    expect($names())->toBe(['Mia', 'Ben']);
    $this->delete("/runs/{$this->run->id}/plays/{$this->play->id}");
    expect($names())->toBe(['Ben'])->and(DB::table('records')->where('statement', 'like', '%Mia%')->count())->toBe(0);
    $this->run->delete();
    expect($names())->toBe([])->and(DB::table('records')->count())->toBe(0);
});
