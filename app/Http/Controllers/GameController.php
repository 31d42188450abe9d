<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CopyGame;
use App\Actions\CreateGame;
use App\Actions\EraseDueRuns;
use App\Http\Requests\NewGameRequest;
use App\Http\Requests\ShelfRequest;
use App\Models\Game;
use App\Models\User;
use App\View\AnswerKey;
use App\View\Board;
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
use Illuminate\Http\Response;
use Illuminate\View\View;

final class GameController extends Controller
{
    public function index(ShelfRequest $request, #[CurrentUser] User $teacher, EraseDueRuns $erase): View
    {
        $erase->handle();

        return view('games.shelf', [
            'strips' => Shelf::of($teacher, $request->sought(), $request->isAway()),
            'away' => Shelf::awayOf($teacher),
            'showsAway' => $request->isAway(),
            'sought' => $request->sought(),
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

    public function store(NewGameRequest $request, #[CurrentUser] User $teacher, CreateGame $create): RedirectResponse
    {
        $language = Languages::ofNewGame($request);
        $blank = Blank::game($request->title(), Words::ofBlankGame($language), $language);
        $pattern = $request->pattern()?->name();

        $game = $create->handle($teacher, $blank);

        return redirect()->route('games.show', array_filter([$game, 'pattern' => $pattern]));
    }

    public function show(Game $game, #[CurrentUser] User $teacher): View
    {
        return view('workshop.show', [
            'game' => $game,
            'words' => Words::ofWorkshop($teacher, $game->read()->language()),
        ]);
    }

    public function key(Game $game): View
    {
        $document = $game->read();

        return view('games.key', [
            'game' => $game,
            'key' => AnswerKey::of($document),
            'speaks' => Languages::mark($document->language()),
        ]);
    }

    /** For the front of the room: the covers of the draft, with all that is under them. */
    public function board(Game $game): View
    {
        return view('board.show', ['game' => $game, 'board' => Board::of($game->read())]);
    }

    /** Its covers as cards to print. */
    public function cards(Game $game): View
    {
        return view('board.cards', ['game' => $game, 'board' => Board::of($game->read())]);
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
    public function away(ShelfRequest $request, Game $game): RedirectResponse
    {
        $game->timestamps = false;
        $game->update(['archived_at' => $request->isAway() ? now() : null]);
        $words = $request->isAway() ? 'games.put_away' : 'games.brought_back';

        return redirect()->route('games.index')->with('status', __($words, ['title' => $game->title]));
    }
}
