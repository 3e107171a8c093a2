<?php

use App\Http\Controllers\CalculationController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShellController;
use Illuminate\Support\Facades\Route;

Route::get('/api/health', HealthController::class)->withoutMiddleware('web');

Route::post('/api/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::get('/api/session', [SessionController::class, 'show']);

Route::prefix('api')->middleware('auth')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::get('floor', FloorController::class);
    Route::get('jobs/{job:number}', [JobController::class, 'show'])->whereNumber('job');
    Route::post('jobs/{job:number}/entries', EntryController::class)->whereNumber('job');
    Route::post('jobs/{job:number}/preview', PreviewController::class)->whereNumber('job');
    Route::get('jobs/{job:number}/record', [RecordController::class, 'show'])->whereNumber('job');
    Route::get('jobs/{job:number}/record.json', [RecordController::class, 'json'])->whereNumber('job');
    Route::get('jobs/{job:number}/record.csv', [RecordController::class, 'csv'])->whereNumber('job');
    if (env('MOLTREK_BENCH')) {
        Route::get('bare', fn () => response()->json([]));
    }
    Route::get('calculations', [CalculationController::class, 'index']);
    Route::post('calculations/{name}', [CalculationController::class, 'store']);
});

Route::get('/{any?}', ShellController::class)->where('any', '^(?!api/).*')->name('shell');
