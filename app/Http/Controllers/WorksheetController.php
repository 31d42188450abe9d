<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateGame;
use App\Http\Requests\WorksheetRequest;
use App\Models\User;
use App\Words\Languages;
use App\Workshop\Words;
use Fravel\Worksheet\Builder;
use Fravel\Worksheet\Worksheet;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

final class WorksheetController extends Controller
{
    public function create(Request $request): View
    {
        return view('worksheet.create', [
            'text' => null,
            'sheet' => null,
            'problem' => null,
            'language' => Languages::ofNewGame($request),
            'title' => '',
            'separator' => null,
            'made' => Words::ofWorksheet('en'),
        ]);
    }

    public function preview(WorksheetRequest $request): View
    {
        $text = $request->text();
        $problem = $request->problem();

        return view('worksheet.create', [
            'text' => $text,
            'problem' => $problem,
            'sheet' => $problem === null
                ? Worksheet::read($text, $request->language(), $request->separator(), $request->mayHead())
                : null,
            'language' => $request->language(),
            'title' => $request->title(),
            'separator' => $request->separator(),
            'made' => Words::ofWorksheet($request->language()),
        ]);
    }

    public function store(
        WorksheetRequest $request,
        #[CurrentUser] User $teacher,
        CreateGame $create,
    ): RedirectResponse|View {
        $rows = $request->rows();
        if (array_filter($rows, static fn ($row): bool => $row->isBuildable()) === []) {
            return $this->preview($request)->with([
                'problem' => 'worksheet.problem.nothing',
                'sheet' => Worksheet::ofRows($rows),
            ]);
        }
        $title = $request->title() === '' ? (string) __('games.untitled') : $request->title();
        $played = Builder::played($rows, $title, $request->language(), Words::ofWorksheet($request->language()));
        if ($played->fault !== null) {
            return $this->preview($request)->with([
                'problem' => "worksheet.problem.{$played->fault}",
                'about' => $played->about,
                'sheet' => Worksheet::ofRows($rows),
            ]);
        }

        return redirect()->route('games.show', $create->handle($teacher, $played->game->document));
    }
}
