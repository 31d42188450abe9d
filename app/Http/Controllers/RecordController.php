<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Run;
use App\Records\Receiver;
use App\Records\RecordQueue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** Learning records of a run to the receiver; and the receiver that stands in for a real one. */
final class RecordController extends Controller
{
    /** Statements that the page of the receiver shows. */
    private const SHOWN = 50;

    public function send(Run $run): RedirectResponse
    {
        RecordQueue::put($run);
        $isSent = RecordQueue::send($run);

        return redirect()->route('runs.report', $run)->with('status', __($isSent ? 'records.sent' : 'records.down'));
    }

    /** Where statements arrive; it knows who sends by the secret alone. */
    public function take(Request $request): JsonResponse
    {
        $isKnown = hash_equals(Receiver::secret(), (string) $request->getPassword());
        if (! $isKnown || $request->getUser() !== Receiver::NAME) {
            return new JsonResponse(['problem' => 'unknown sender'], 401);
        }
        $taken = Receiver::isDown() ? [] : Receiver::take(json_decode((string) $request->getContent(), true));

        return match (true) {
            Receiver::isDown() => new JsonResponse(['problem' => 'down'], 503),
            $taken === null => new JsonResponse(['problem' => 'no statements'], 400),
            default => new JsonResponse($taken),
        };
    }

    /** What arrived from the teacher's own runs. */
    public function show(Request $request): View
    {
        $own = DB::table('received_records')
            ->join('records', 'records.uuid', '=', 'received_records.uuid')
            ->join('runs', 'runs.id', '=', 'records.run_id')
            ->join('games', 'games.id', '=', 'runs.game_id')
            ->where('games.user_id', $request->user()?->getAuthIdentifier());

        return view('runs.receiver', [
            'count' => (clone $own)->count(), 'isDown' => Receiver::isDown(),
            'statements' => $own->orderByDesc('received_records.id')->limit(self::SHOWN)
                ->pluck('received_records.statement')
                ->map(static fn (mixed $text): array => (array) json_decode((string) $text, true))->all(),
        ]);
    }

    public function down(Request $request): RedirectResponse
    {
        // Where others are at work, nobody sets it down for all.
        abort_unless(config('fravel.outbox') === true, 404);
        Receiver::setDown($request->boolean('down'));

        return redirect()->route('receiver');
    }
}
