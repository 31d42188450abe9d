<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CreateGame;
use App\Http\Requests\PackageRequest;
use App\Models\Game;
use App\Models\User;
use App\Packages\Brought;
use App\Packages\Package;
use App\Packages\UnableToReadPackage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Games as files: taken away whole, and brought back. */
final class PackageController extends Controller
{
    public function show(Game $game): BinaryFileResponse
    {
        return response()
            ->download(Package::write($game), Package::nameOf($game), [
                'Content-Type' => 'application/zip',
                'Cache-Control' => 'no-store',
            ])
            ->deleteFileAfterSend();
    }

    public function store(PackageRequest $request, #[CurrentUser] User $teacher, CreateGame $create): RedirectResponse
    {
        try {
            $brought = Brought::from($request->packagePath(), $teacher, $create);
        } catch (UnableToReadPackage $failure) {
            return back()->withErrors(['package' => $failure->words()]);
        }
        $words = $brought->notes() === [] ? 'packages.whole' : 'packages.with_notes';

        return redirect()
            ->route('games.index')
            ->with([
                'status' => __($words, ['title' => $brought->game->title]),
                'notes' => $brought->notes(),
            ]);
    }
}
