<?php

use App\Http\Controllers\Auth\ForgottenPasswordController;
use App\Http\Controllers\Auth\RegisterController;
use App\Http\Controllers\Auth\ResetPasswordController;
use App\Http\Controllers\Auth\SignInController;
use App\Http\Controllers\CardRowsController;
use App\Http\Controllers\ClipController;
use App\Http\Controllers\CutController;
use App\Http\Controllers\DryRunController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\ExportController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FrontController;
use App\Http\Controllers\GameController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\LanguageController;
use App\Http\Controllers\MosaicController;
use App\Http\Controllers\OutboxController;
use App\Http\Controllers\PackageController;
use App\Http\Controllers\PatternController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\RehearsalController;
use App\Http\Controllers\ReportController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\StopController;
use App\Http\Controllers\TextController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WorksheetController;
use App\Http\Controllers\WrittenController;
use App\Report\Export;
use App\Report\Making;
use App\Storage\GameFiles;
use Illuminate\Support\Facades\Route;

Route::post('/language', LanguageController::class)->name('language');
Route::get('/outbox', OutboxController::class)->name('outbox');

Route::middleware('guest')->group(function (): void {
    Route::get('/register', [RegisterController::class, 'create'])->name('register');
    Route::middleware('signed:relative')->group(function (): void {
        Route::get('/register/finish', [RegisterController::class, 'finish'])->name('register.finish');
        Route::post('/register/finish', [RegisterController::class, 'make'])->name('register.make');
    });
    Route::get('/sign-in', [SignInController::class, 'create'])->name('login');
    Route::get('/forgotten', [ForgottenPasswordController::class, 'create'])->name('password.request');
    Route::get('/reset/{token}', [ResetPasswordController::class, 'create'])->name('password.reset');
    Route::post('/sign-in', [SignInController::class, 'store']);
    Route::middleware('throttle:letters')->group(function (): void {
        Route::post('/register', [RegisterController::class, 'store']);
        Route::post('/forgotten', [ForgottenPasswordController::class, 'store'])->name('password.email');
        Route::post('/reset', [ResetPasswordController::class, 'store'])->name('password.store');
    });
});

Route::middleware('auth')->group(function (): void {
    Route::post('/sign-out', [SignInController::class, 'destroy'])->name('logout');

    Route::get('/games', [GameController::class, 'index'])->name('games.index');
    Route::get('/games/new', [GameController::class, 'create'])->name('games.create');
    Route::post('/games', [GameController::class, 'store'])->name('games.store');
    Route::get('/games/new/worksheet', [WorksheetController::class, 'create'])->name('worksheet.create');
    Route::post('/games/new/worksheet', [WorksheetController::class, 'preview'])->name('worksheet.preview');
    Route::post('/games/new/worksheet/build', [WorksheetController::class, 'store'])->name('worksheet.store');

    Route::post('/games/brought', [PackageController::class, 'store'])
        ->middleware('throttle:pictures')
        ->name('packages.store');

    Route::get('/games/{game}', [GameController::class, 'show'])
        ->can('view', 'game')
        ->name('games.show');
    Route::get('/games/{game}/findings', [EditController::class, 'findings'])
        ->can('view', 'game')
        ->name('games.findings');
    Route::get('/games/{game}/scores', [EditController::class, 'scores'])
        ->can('view', 'game')
        ->name('games.scores');
    Route::get('/games/{game}/document', [GameController::class, 'document'])
        ->can('view', 'game')
        ->name('games.document');
    Route::get('/games/{game}/key', [GameController::class, 'key'])
        ->can('view', 'game')
        ->name('games.key');
    Route::get('/games/{game}/cards', [GameController::class, 'cards'])
        ->can('view', 'game')
        ->name('games.cards');
    Route::get('/games/{game}/clips/{file}', [FileController::class, 'ofGame'])
        ->where('file', GameFiles::NAME)
        ->can('view', 'game')
        ->name('clips.show');
    Route::get('/games/{game}/mosaic/{thing}', [MosaicController::class, 'sheet'])
        ->can('view', 'game')
        ->name('games.mosaic.sheet');
    Route::get('/games/{game}/mosaic/{thing}/picture.{form}', [MosaicController::class, 'picture'])
        ->whereIn('form', ['svg', 'png'])
        ->can('view', 'game')
        ->name('games.mosaic.picture');
    Route::post('/games/{game}/mosaic', [MosaicController::class, 'store'])
        ->can('update', 'game')
        ->middleware('throttle:pictures')
        ->name('games.mosaic');
    Route::get('/games/{game}/board', [GameController::class, 'board'])
        ->can('view', 'game')
        ->name('games.board');
    Route::get('/games/{game}/package', [PackageController::class, 'show'])
        ->can('view', 'game')
        ->name('packages.show');
    Route::post('/games/{game}/copy', [GameController::class, 'copy'])
        ->can('view', 'game')
        ->name('games.copy');
    Route::post('/games/{game}/away', [GameController::class, 'away'])
        ->can('update', 'game')
        ->name('games.away');

    Route::middleware('can:update,game')->group(function (): void {
        Route::post('/games/{game}/edits', [EditController::class, 'store'])->name('edits.store');
        Route::post('/games/{game}/undo', [EditController::class, 'undo'])->name('edits.undo');
        Route::get('/games/{game}/history', [EditController::class, 'history'])->name('edits.history');
        Route::post('/games/{game}/history', [EditController::class, 'returnTo'])->name('edits.return');
        Route::post('/games/{game}/redo', [EditController::class, 'redo'])->name('edits.redo');
        Route::post('/games/{game}/pictures', [PictureController::class, 'store'])
            ->middleware('throttle:pictures')
            ->name('pictures.store');
        Route::post('/games/{game}/clips', [ClipController::class, 'begin'])
            ->middleware('throttle:pictures')
            ->name('clips.begin');
        Route::post('/games/{game}/clips/{incoming}', [ClipController::class, 'take'])->name('clips.take');
        Route::get('/games/{game}/cuts/{thing}', [CutController::class, 'show'])->name('cuts.show');
        Route::post('/games/{game}/cuts/{thing}', [CutController::class, 'store'])
            ->middleware('throttle:pictures')
            ->name('cuts.store');
        Route::post('/games/{game}/patterns', [PatternController::class, 'store'])->name('patterns.store');
        Route::post('/games/{game}/patterns/preview', [PatternController::class, 'preview'])->name('patterns.preview');
        Route::post('/games/{game}/stops', [StopController::class, 'store'])->name('stops.store');
        Route::post('/games/{game}/stops/preview', [StopController::class, 'preview'])->name('stops.preview');
        Route::post('/games/{game}/rows', CardRowsController::class)->name('rows.read');
        Route::post('/games/{game}/written', WrittenController::class)->name('rows.written');
        Route::post('/games/{game}/mend', [EditController::class, 'mend'])->name('edits.mend');
        Route::post('/games/{game}/bench', [EditController::class, 'bench'])->name('edits.bench');
        Route::get('/games/{game}/rehearsal', [RehearsalController::class, 'show'])->name('rehearsal.show');
        Route::post('/games/{game}/rehearsal', [RehearsalController::class, 'act'])->name('rehearsal.act');
        Route::post('/games/{game}/rehearsal/begin', [RehearsalController::class, 'begin'])->name('rehearsal.begin');
        Route::post('/games/{game}/rehearsal/walk', [RehearsalController::class, 'walk'])->name('rehearsal.walk');
        Route::post('/games/{game}/rehearsal/step', [RehearsalController::class, 'step'])->name('rehearsal.step');
        Route::post('/games/{game}/rehearsal/keep', [RehearsalController::class, 'keep'])->name('rehearsal.keep');
        Route::post('/games/{game}/rehearsal/forget', [RehearsalController::class, 'forget'])->name('rehearsal.forget');
        Route::get('/games/{game}/dry-run', DryRunController::class)->name('games.dry');
        Route::get('/games/{game}/runs', [RunController::class, 'index'])->name('runs.index');
        Route::get('/games/{game}/runs/new', [RunController::class, 'create'])->name('runs.create');
        Route::post('/games/{game}/runs', [RunController::class, 'store'])->name('runs.store');
    });

    Route::get('/runs/{run}', [RunController::class, 'show'])
        ->can('view', 'run')
        ->name('runs.show');
    Route::get('/runs/{run}/projector', [RunController::class, 'projector'])
        ->can('view', 'run')
        ->name('runs.projector');
    Route::get('/runs/{run}/map', [RunController::class, 'map'])
        ->can('view', 'run')
        ->name('runs.map');
    Route::get('/runs/{run}/sum', [RunController::class, 'sum'])
        ->can('view', 'run')
        ->name('runs.sum');
    Route::get('/runs/{run}/standing', [RunController::class, 'standing'])
        ->can('view', 'run')
        ->name('runs.standing');
    foreach (Export::cases() as $export) {
        Route::get("/runs/{run}/{$export->file()}", [ExportController::class, 'take'])
            ->defaults('export', $export->value)
            ->can('view', 'run')
            ->name("runs.{$export->value}");
    }
    $made = [Making::FIGURES, ...array_column(Export::cases(), 'value')];
    Route::get('/runs/{run}/making/{what}', [ExportController::class, 'standing'])
        ->can('view', 'run')
        ->whereIn('what', $made)
        ->name('runs.making');
    Route::post('/runs/{run}/making/{what}', [ExportController::class, 'again'])
        ->can('view', 'run')
        ->whereIn('what', $made)
        ->name('runs.making.again');
    Route::get('/runs/{run}/report', [ReportController::class, 'show'])
        ->can('view', 'run')
        ->name('runs.report');
    Route::get('/receiver', [RecordController::class, 'show'])->name('receiver');
    Route::post('/receiver', [RecordController::class, 'down'])->name('receiver.down');
    Route::post('/runs/{run}/records', [RecordController::class, 'send'])
        ->can('update', 'run')
        ->name('runs.records.send');
    Route::get('/certificates', [WallController::class, 'certificate'])->name('certificates');
    Route::get('/runs/{run}/wall', [WallController::class, 'show'])
        ->can('view', 'run')
        ->name('runs.wall');
    Route::post('/runs/{run}/wall/{emblem}', [WallController::class, 'read'])
        ->can('update', 'run')
        ->name('runs.wall.read');
    Route::get('/runs/{run}/texts', [TextController::class, 'show'])
        ->can('view', 'run')
        ->name('runs.texts');
    Route::post('/runs/{run}/plays/{play}/mark', [TextController::class, 'mark'])
        ->can('update', 'run')
        ->scopeBindings()
        ->name('runs.mark');
    Route::get('/runs/{run}/compare', [ReportController::class, 'compare'])
        ->can('view', 'run')
        ->name('runs.compare');
    Route::post('/runs/{run}/report/{lock}', [ReportController::class, 'rule'])
        ->can('update', 'run')
        ->name('runs.rule');
    Route::get('/runs/{run}/plays/{play}/need', [RunController::class, 'need'])
        ->can('view', 'run')
        ->scopeBindings()
        ->name('runs.need');
    Route::get('/runs/{run}/plays/{play}', [ReportController::class, 'play'])
        ->can('view', 'run')
        ->scopeBindings()
        ->name('runs.play');
    Route::post('/runs/{run}/plays/{play}/help', [HelpController::class, 'play'])
        ->can('update', 'run')
        ->scopeBindings()
        ->name('runs.help');
    Route::post('/runs/{run}/line', [HelpController::class, 'all'])
        ->can('update', 'run')
        ->name('runs.line');
    Route::post('/runs/{run}/renew', [HelpController::class, 'renew'])
        ->can('update', 'run')
        ->name('runs.renew');
    Route::post('/runs/{run}/time', [HelpController::class, 'time'])
        ->can('update', 'run')
        ->name('runs.time');
    Route::post('/runs/{run}/pause', [HelpController::class, 'pause'])
        ->can('update', 'run')
        ->name('runs.pause');
    Route::post('/runs/{run}/close', [RunController::class, 'close'])
        ->can('update', 'run')
        ->name('runs.close');
    Route::post('/runs/{run}/open', [RunController::class, 'reopen'])
        ->can('update', 'run')
        ->name('runs.open');
    Route::middleware('can:update,run')->group(function (): void {
        Route::get('/runs/{run}/front', [FrontController::class, 'show'])->name('runs.front');
        Route::post('/runs/{run}/front', [FrontController::class, 'act'])->name('runs.act');
        Route::get('/runs/{run}/front/news', [FrontController::class, 'news'])->name('runs.news');
        Route::get('/runs/{run}/front/votes', [FrontController::class, 'votes'])->name('runs.votes');
        Route::post('/runs/{run}/front/hand', [FrontController::class, 'hand'])->name('runs.hand');
        Route::post('/runs/{run}/front/decide', [FrontController::class, 'close'])->name('runs.decide');
        Route::get('/runs/{run}/front/{ballot}/{key}', [FrontController::class, 'instead'])->name('runs.instead');
    });
    Route::get('/runs/{run}/settings', [RunController::class, 'settings'])
        ->can('update', 'run')
        ->name('runs.settings');
    Route::post('/runs/{run}/settings', [RunController::class, 'settle'])
        ->can('update', 'run')
        ->name('runs.settle');
    Route::post('/runs/{run}/copy', [RunController::class, 'copy'])
        ->can('update', 'run')
        ->name('runs.copy');
    Route::post('/runs/{run}/reset', [RunController::class, 'reset'])
        ->can('update', 'run')
        ->name('runs.reset');
    Route::delete('/runs/{run}/plays/{play}', [RunController::class, 'remove'])
        ->can('update', 'run')
        ->scopeBindings()
        ->name('runs.remove');
    Route::delete('/runs/{run}', [RunController::class, 'destroy'])
        ->can('delete', 'run')
        ->name('runs.destroy');
});
