<?php

use App\Models\User;
use Tests\Support\Classroom;

it('keeps games, runs and reports from other teachers', function (string $method, string $path): void {
    $run = Classroom::open();
    $play = Classroom::join($run);
    $path = strtr($path, ['{game}' => $run->game_id, '{run}' => $run->id, '{play}' => $play->id]);
    $this->call($method, $path)->assertRedirect('/sign-in');
    $this->actingAs(User::factory()->create())->call($method, $path)->assertForbidden();
    expect($run->fresh()->closed_at)->toBeNull()
        ->and($run->game->fresh()->revision)->toBe(1)
        ->and($run->plays()->count())->toBe(1);
})->with([
    ['GET', '/games/{game}'],
    ['GET', '/games/{game}/document'],
    ['GET', '/games/{game}/board'],
    ['GET', '/games/{game}/cards'],
    ['GET', '/games/{game}/mosaic/x'],
    ['GET', '/games/{game}/mosaic/x/picture.svg'],
    ['POST', '/games/{game}/edits'],
    ['POST', '/games/{game}/undo'],
    ['POST', '/games/{game}/redo'],
    ['POST', '/games/{game}/bench'],
    ['POST', '/games/{game}/mend'],
    ['POST', '/games/{game}/rows'],
    ['POST', '/games/{game}/written'],
    ['POST', '/games/{game}/stops/preview'],
    ['POST', '/games/{game}/mosaic'],
    ['POST', '/games/{game}/away'],
    ['GET', '/games/{game}/rehearsal'],
    ['POST', '/games/{game}/rehearsal'],
    ['GET', '/games/{game}/runs'],
    ['GET', '/games/{game}/dry-run'],
    ['GET', '/games/{game}/runs/new'],
    ['POST', '/games/{game}/runs'],
    ['GET', '/runs/{run}'],
    ['GET', '/runs/{run}/standing'],
    ['GET', '/runs/{run}/plays/{play}/need'],
    ['GET', '/runs/{run}/report.csv'],
    ['GET', '/runs/{run}/report'],
    ['GET', '/runs/{run}/projector'],
    ['GET', '/runs/{run}/sum'],
    ['GET', '/runs/{run}/map'],
    ['POST', '/runs/{run}/report/x'],
    ['POST', '/runs/{run}/line'],
    ['POST', '/runs/{run}/pause'],
    ['POST', '/runs/{run}/time'],
    ['POST', '/runs/{run}/renew'],
    ['POST', '/runs/{run}/close'],
    ['POST', '/runs/{run}/open'],
    ['POST', '/runs/{run}/settings'],
    ['POST', '/runs/{run}/copy'],
    ['POST', '/runs/{run}/reset'],
    ['GET', '/runs/{run}/settings'],
    ['GET', '/runs/{run}/records.json'],
    ['POST', '/runs/{run}/records'],
    ['GET', '/runs/{run}/texts'],
    ['GET', '/runs/{run}/compare'],
    ['GET', '/runs/{run}/report.pdf'],
    ['GET', '/runs/{run}/wall'],
    ['GET', '/runs/{run}/front'],
    ['GET', '/runs/{run}/front/news'],
    ['GET', '/runs/{run}/front/votes'],
    ['POST', '/runs/{run}/front'],
    ['POST', '/runs/{run}/front/hand'],
    ['POST', '/runs/{run}/front/decide'],
    ['DELETE', '/runs/{run}'],
]);

it('asks every teacher’s route for a signed-in teacher', function (): void {
    $open = [
        'language', 'outbox', 'register', 'login', 'password.request', 'password.reset', 'password.email',
        'password.store',
    ];
    foreach (app('router')->getRoutes() as $route) {
        $isStudents = str_starts_with(
            (string) $route->getName(), 'play.',
        ) || str_starts_with((string) $route->getName(), 'join.') || in_array(
            $route->getName(), ['file', 'settings.show', 'receiver.take'], true,
        );
        if (
            ! $isStudents && ! in_array(
                $route->getName(), $open, true,
            ) && ! str_starts_with($route->uri(), 'register') && ! str_starts_with($route->uri(), 'sign-in')
        ) {
            expect(in_array('auth', $route->gatherMiddleware(), true))->toBeTrue($route->uri());
        }
    }
});
