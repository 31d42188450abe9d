<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Models\Letter;
use Illuminate\View\View;

/**
 * The mail that stayed here: there for trying out, and where it is not allowed or letters are really sent, no such
 * page.
 */
final class OutboxController extends Controller
{
    public function __invoke(): View
    {
        abort_unless(Letters::stayHere() && Letters::canBeSent(), 404);

        return view('outbox', ['letters' => Letter::query()->latest('id')->limit(50)->get()]);
    }
}
