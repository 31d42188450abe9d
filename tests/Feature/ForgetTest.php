<?php

use App\Models\Member;
use App\Models\Play;
use App\Models\Run;
use App\Play\Ticket;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Schema;
use Symfony\Component\Finder\Finder;
use Tests\Support\Classroom;
use Tests\Support\Games;

/** Words that stand nowhere but where a student, or somebody about one, wrote them. */
const CANARIES = [
    'canary-name', 'canary-answer', 'canary-member', 'canary-line', 'canary-note', 'canary-mark', 'canary-vote',
];

/** @return list<string> where such words stand, of all that the application keeps */
function whereCanariesStand(): array
{
    $found = [];
    $isOne = static fn (string $text): bool => array_filter(
        CANARIES, static fn (string $word): bool => str_contains($text, $word),
    ) !== [];
    foreach (Schema::getTables() as ['name' => $table]) {
        foreach (DB::table($table)->get() as $row) {
            $isOne((string) json_encode($row)) && $found[] = $table;
        }
    }
    $folders = array_filter([
        config()->string('fravel.pulse'), config()->string('fravel.files'), config()->string('fravel.reports'),
        storage_path('framework/sessions'), storage_path('logs'),
    ], is_dir(...));
    foreach ($folders === [] ? [] : Finder::create()->files()->in($folders)->date('since 1 hour ago') as $file) {
        $isOne((string) file_get_contents($file->getPathname())) && $found[] = $file->getPathname();
    }

    return array_values(array_unique($found));
}

beforeEach(function (): void {
    $document = Games::document([
        ['id' => 'a', 'things' => [
            Games::lock('essay', '', ['input' => ['type' => 'long'], 'rules' => [
                ['match' => ['anything' => true], 'verdict' => 'open', 'go' => 'end'],
            ]]),
        ]],
        ['id' => 'end', 'ending' => ['kind' => 'won', 'md' => 'Done.']],
    ], ['title' => 'Essays']);
    $this->open = Classroom::open($document);
    $this->open->update([
        'plays_as' => 'teams', 'shows_wall' => true, 'asks_address' => true, 'gives_receipts' => true,
    ]);
    $this->actingAs($this->open->game->user);
    $this->post("/p/{$this->open->code}/join", [
        'name' => 'canary-name', 'member' => 'canary-member', 'address' => 'canary-name@example.org',
    ])->assertRedirect();
    $this->play = Play::query()->sole();
    $ticket = Ticket::for($this->play->id, Member::query()->value('id'))->text();
    $send = fn (string $path, array $fields) => $this->withCredentials()->withUnencryptedCookie('fravel_play', $ticket)
        ->post("/p/{$this->open->code}{$path}", ['ticket' => $ticket] + $fields);
    $this->get("/runs/{$this->open->id}")->assertOk();
    $send('/hold', ['lock' => Classroom::id('essay', $this->play)]);
    $send('/call', ['call' => 1]);
    $send('', ['ticket' => $ticket] + Classroom::form($this->play, [
        'verb' => 'answer', 'on' => 'essay', 'with' => 'A canary-answer of several words.',
    ]));
    $send('/emblem', ['shape' => 'disc', 'charge' => 'boat', 'line' => 'A canary-line.']);
    $this->post("/runs/{$this->open->id}/plays/{$this->play->id}/help", ['way' => 'line', 'words' => 'canary-note']);
    $this->post("/runs/{$this->open->id}/plays/{$this->play->id}/mark", [
        'lock' => Classroom::id('essay', $this->play), 'mark' => 'good', 'words' => 'canary-mark',
    ]);
    Http::fake();
    $this->post("/runs/{$this->open->id}/records");
    $this->get("/runs/{$this->open->id}/report")->assertOk();
});

it('knows where what students wrote is kept', function (): void {
    expect(whereCanariesStand())->toEqualCanonicalizing([
        'plays', 'members', 'play_events', 'records', 'notes', 'marks', 'emblems',
    ]);
});

it('keeps nothing of a play, or of a run, that was deleted', function (string $what): void {
    $this->artisan('reports:make', ['run' => $this->open->id, 'what' => 'answers', 'locale' => 'en', 'zone' => 'UTC']);
    expect(array_filter(whereCanariesStand(), static fn (string $one): bool => str_ends_with($one, '.made')))
        ->toHaveCount(1);
    $what === 'play'
        ? $this->delete("/runs/{$this->open->id}/plays/{$this->play->id}")->assertRedirect()
        : $this->delete("/runs/{$this->open->id}")->assertRedirect();
    $this->flushSession();

    expect(whereCanariesStand())->toBe([])->and(Run::query()->count())->toBe($what === 'play' ? 1 : 0);
})->with(['play', 'run']);

it('keeps no vote of a class that was deleted, and tells it to no other before it is closed', function (
    string $what,
): void {
    $open = Classroom::open(Games::document([['id' => 'a', 'things' => [Games::lock('door', 'gannet')]]]));
    $open->update(['plays_as' => 'class']);
    $this->actingAs($open->game->user);
    foreach (['Mia', 'Finn'] as $name) {
        $this->post("/p/{$open->code}/join", ['name' => $name])->assertRedirect();
    }
    $play = Play::query()->where('run_id', $open->id)->sole();
    [$mia, $finn] = Member::query()->where('play_id', $play->id)->orderBy('id')->pluck('id')->map(
        fn (int $member): string => Ticket::for($play->id, $member)->text(),
    )->all();
    $this->withCredentials()->withUnencryptedCookie('fravel_play', $mia)->postJson("/p/{$open->code}", [
        'ticket' => $mia,
    ] + Classroom::form($play, ['verb' => 'answer', 'on' => 'door', 'with' => 'canary-vote']))->assertOk();
    expect(whereCanariesStand())->toContain('votes');
    $others = $this->withUnencryptedCookie('fravel_play', $finn)->get("/p/{$open->code}")->getContent()
        .$this->get("/p/{$open->code}/news?seq=1&since=0")->getContent();
    expect($others)->not->toContain('canary-vote')->toContain('One of 2 has voted');

    $this->flushSession();
    $this->actingAs($open->game->user);
    $this->delete($what === 'play' ? "/runs/{$open->id}/plays/{$play->id}" : "/runs/{$open->id}");
    $this->open->delete();
    $this->flushSession();
    expect(whereCanariesStand())->toBe([]);
})->with(['play', 'run']);

it('tells what a teacher noted of an answer to no other play', function (): void {
    $this->post("/p/{$this->open->code}/join", ['name' => 'Gulls', 'member' => 'Finn'])->assertRedirect();
    $other = Play::query()->whereKeyNot($this->play->id)->sole();
    $theirs = Ticket::for($other->id, Member::query()->where('play_id', $other->id)->value('id'))->text();
    $pages = fn (string $ticket): string => implode('', array_map(
        fn (string $path): string => (string) $this->withCredentials()->withUnencryptedCookie('fravel_play', $ticket)
            ->get("/p/{$this->open->code}{$path}")->getContent(),
        ['', '/news?seq=0&since=0', '/wall', '/receipt'],
    ));
    $mine = Ticket::for($this->play->id, Member::query()->where('play_id', $this->play->id)->value('id'))->text();

    expect($pages($mine))->toContain('canary-mark')
        ->and($pages($theirs))->not->toContain('canary-mark')->not->toContain('canary-note')
        ->not->toContain('canary-answer');
});
