<?php

use App\Http\Controllers\CallController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\FinishController;
use App\Http\Controllers\HoldController;
use App\Http\Controllers\JoinController;
use App\Http\Controllers\LookController;
use App\Http\Controllers\PictureController;
use App\Http\Controllers\PlayController;
use App\Http\Controllers\RecordController;
use App\Storage\GameFiles;
use Illuminate\Support\Facades\Route;

Route::get('/', [JoinController::class, 'code'])->name('join.code');
Route::get('/join', [JoinController::class, 'find'])->name('join.find');
// Drawn from their names alone: no session, so that they may be kept by anybody.
Route::get('/settings/{kind}/{tone}.svg', [PictureController::class, 'setting'])->name('settings.show');
Route::get('/files/{file}', FileController::class)->where('file', GameFiles::NAME)->name('file');

// What other machines send: no session, a secret of its own.
Route::post('/receiver/statements', [RecordController::class, 'take'])->name('receiver.take');

Route::prefix('/p/{code}')->where(['code' => '[A-Za-z]{3,12}'])->group(function (): void {
    Route::get('/', [PlayController::class, 'show'])->name('play.show');
    Route::post('/', [PlayController::class, 'act'])->name('play.act');
    Route::get('/clip/{file}', [FileController::class, 'ofPlay'])->where('file', GameFiles::NAME)->name('play.clip');
    Route::get('/news', [PlayController::class, 'news'])->name('play.news');
    Route::get('/look/{scene}', LookController::class)->name('play.look');
    Route::get('/certificate', [FinishController::class, 'certificate'])->name('play.certificate');
    Route::get('/emblem', [FinishController::class, 'emblem'])->name('play.emblem');
    Route::post('/emblem', [FinishController::class, 'keep'])->name('play.emblem.keep');
    Route::get('/wall', [FinishController::class, 'wall'])->name('play.wall');
    Route::get('/receipt', [PlayController::class, 'receipt'])->name('play.receipt');
    Route::post('/anew', [PlayController::class, 'anew'])->name('play.anew');
    Route::post('/join', [JoinController::class, 'join'])->name('play.join');
    Route::post('/again', [JoinController::class, 'again'])->name('play.again');
    Route::post('/call', CallController::class)->name('play.call');
    Route::post('/hold', HoldController::class)->name('play.hold');
    Route::post('/leave', [JoinController::class, 'leave'])->name('play.leave');
});
