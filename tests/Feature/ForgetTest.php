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
const CANARIES = ['canary-name', 'canary-answer', 'canary-member', 'canary-line', 'canary-note', 'canary-mark'];

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
        config()->string('fravel.pulse'), config()->string('fravel.files'), storage_path('framework/sessions'),
        storage_path('logs'),
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
    $this->open->update(['plays_as' => 'teams', 'shows_wall' => true, 'asks_address' => true]);
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
    $what === 'play'
        ? $this->delete("/runs/{$this->open->id}/plays/{$this->play->id}")->assertRedirect()
        : $this->delete("/runs/{$this->open->id}")->assertRedirect();
    $this->flushSession();

    expect(whereCanariesStand())->toBe([])->and(Run::query()->count())->toBe($what === 'play' ? 1 : 0);
})->with(['play', 'run']);
