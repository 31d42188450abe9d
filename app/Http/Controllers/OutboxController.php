<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Letter;
use Illuminate\View\View;

/** The mail that stayed here; with a real mail service there is no such page. */
final class OutboxController extends Controller
{
    public function __invoke(): View
    {
        abort_unless(config('mail.default') === 'outbox', 404);

        return view('outbox', ['letters' => Letter::query()->latest('id')->limit(50)->get()]);
    }
}
