<?php

use App\Http\Controllers\CalculationController;
use App\Http\Controllers\DatesController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\HabitController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShellController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\TrayController;
use App\Http\Controllers\WorkOrderController;
use Illuminate\Support\Facades\Route;

Route::get('/api/health', HealthController::class)->withoutMiddleware('web');

Route::post('/api/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::get('/api/session', [SessionController::class, 'show']);

Route::prefix('api')->middleware('auth')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::get('floor', FloorController::class);
    Route::post('jobs', [JobController::class, 'store']);
    Route::get('jobs/{job:number}', [JobController::class, 'show'])->whereNumber('job');
    Route::get('jobs/{job:number}/lift-cost/{slab}', [JobController::class, 'liftCost'])->whereNumber('job');
    Route::post('jobs/{job:number}/entries', EntryController::class)->whereNumber('job');
    Route::post('jobs/{job:number}/preview', PreviewController::class)->whereNumber('job');
    Route::get('jobs/{job:number}/record', [RecordController::class, 'show'])->whereNumber('job');
    Route::get('jobs/{job:number}/record.json', [RecordController::class, 'json'])->whereNumber('job');
    Route::get('jobs/{job:number}/record.csv', [RecordController::class, 'csv'])->whereNumber('job');
    if (env('MOLTREK_BENCH')) {
        Route::get('bare', fn () => response()->json([]));
    }
    Route::get('jobs/{job:number}/work-order.json', WorkOrderController::class)->whereNumber('job');
    Route::get('jobs/{job:number}/stand-in/{spot}', StandInController::class)->whereNumber('job');
    Route::post('jobs/{job:number}/import', ImportController::class)->whereNumber('job');
    Route::post('jobs/{job:number}/adopt', [SheetController::class, 'adopt'])->whereNumber('job');
    Route::get('dates', [DatesController::class, 'show']);
    Route::post('photos', [PhotoController::class, 'store']);
    Route::get('photos/{id}', [PhotoController::class, 'show'])->where('id', '[0-9a-f-]{36}');
    Route::get('jobs/{job:number}/trays/{slab}.svg', [TrayController::class, 'svg'])->whereNumber('job');
    Route::get('jobs/{job:number}/trays.pdf', [TrayController::class, 'pdf'])->whereNumber('job');
    Route::get('tools', [ToolController::class, 'index']);
    Route::post('tools/{id}', [ToolController::class, 'store'])->where('id', '[a-z0-9-]{1,20}');
    Route::post('habits', [HabitController::class, 'store']);
    Route::get('shelf', [ShelfController::class, 'index']);
    Route::post('shelf', [ShelfController::class, 'store']);
    Route::get('sheets', [SheetController::class, 'index']);
    Route::post('sheets', [SheetController::class, 'store']);
    Route::post('sheets/{slug}/findings', [SheetController::class, 'find']);
    Route::get('sheets/{slug}/sheet.json', [SheetController::class, 'json']);
    Route::get('sheets/{slug}/limits.csv', [SheetController::class, 'csv']);
    Route::get('calculations', [CalculationController::class, 'index']);
    Route::post('calculations/{name}', [CalculationController::class, 'store']);
});

Route::get('/calendar/{key}.ics', [DatesController::class, 'calendar'])->where('key', '[A-Za-z0-9]{40}')->withoutMiddleware('web')->middleware('throttle:60,1');

Route::get('/{any?}', ShellController::class)->where('any', '^(?!api/).*')->name('shell');
