<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyGame;
use App\Actions\CreateGame;
use App\Http\Field;
use App\Models\Game;
use App\Models\User;
use App\View\RouteMap;
use App\View\Shelf;
use App\Words\Languages;
use App\Workshop\PatternPreview;
use App\Workshop\Words;
use Fravel\Document\GameDocument;
use Fravel\Edit\Blank;
use Fravel\Pattern\Pattern;
use Fravel\Pattern\Patterns;
use Fravel\Support\Json;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class GameController extends Controller
{
    public function index(Request $request, #[CurrentUser] User $teacher): View
    {
        $sought = mb_substr(Field::text($request, 'seek'), 0, 100);

        $showsAway = $request->boolean('away');

        return view('games.shelf', [
            'strips' => Shelf::of($teacher, $sought, $showsAway),
            'away' => Shelf::awayOf($teacher),
            'showsAway' => $showsAway,
            'sought' => $sought,
        ]);
    }

    public function create(): View
    {
        $maps = array_map(
            static fn (Pattern $pattern): array => [
                'name' => $pattern->name(),
                'map' => RouteMap::of(GameDocument::of(PatternPreview::ofSample($pattern) ?? [])),
            ],
            Patterns::all(),
        );

        return view('games.new', ['patterns' => $maps]);
    }

    public function store(Request $request, #[CurrentUser] User $teacher, CreateGame $create): RedirectResponse
    {
        $title = $request->validate(['title' => ['nullable', 'string', 'max:120']])['title'] ?? null;

        $language = Languages::ofNewGame($request);
        $game = $create->handle(
            $teacher,
            Blank::game($title ?? __('games.untitled'), Words::ofBlankGame($language), $language),
        );
        $pattern = Patterns::named(Field::text($request, 'pattern'));

        return redirect()->route('games.show', [$game, ...$pattern === null ? [] : ['pattern' => $pattern->name()]]);
    }

    public function show(Game $game, #[CurrentUser] User $teacher): View
    {
        return view('workshop.show', [
            'game' => $game,
            'words' => Words::ofWorkshop($teacher, $game->read()->language()),
        ]);
    }

    public function document(Game $game): Response
    {
        $history = Json::write(Words::ofHistory($game));

        return response(
            '{"revision":'.$game->revision.',"history":'.$history.',"document":'.$game->document.'}',
            200,
            [
                'Content-Type' => 'application/json',
                'Cache-Control' => 'no-store',
            ],
        );
    }

    public function copy(Game $game, CopyGame $copy): RedirectResponse
    {
        $words = __('games.copied', ['title' => $copy->handle($game)->title]);

        return redirect()->route('games.index')->with('status', $words);
    }

    /** Takes a game off the shelf, or puts it back; nothing of it is lost. */
    public function away(Request $request, Game $game): RedirectResponse
    {
        $game->timestamps = false;
        $game->update(['archived_at' => $request->boolean('away') ? now() : null]);
        $words = $request->boolean('away') ? 'games.put_away' : 'games.brought_back';

        return redirect()->route('games.index')->with('status', __($words, ['title' => $game->title]));
    }
}
