<?php

use App\Http\Controllers\CalculationController;
use App\Http\Controllers\ClosingController;
use App\Http\Controllers\DatesController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\FirstSheetController;
use App\Http\Controllers\FloorController;
use App\Http\Controllers\HabitController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\ImportController;
use App\Http\Controllers\JobController;
use App\Http\Controllers\LimitController;
use App\Http\Controllers\OwnStepController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PreviewController;
use App\Http\Controllers\RecordController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShellController;
use App\Http\Controllers\StandInController;
use App\Http\Controllers\StandInGaugeController;
use App\Http\Controllers\StandInWheelController;
use App\Http\Controllers\ThicknessController;
use App\Http\Controllers\TimingController;
use App\Http\Controllers\ToolController;
use App\Http\Controllers\TorqueController;
use App\Http\Controllers\TrayController;
use App\Http\Controllers\ValvesController;
use App\Http\Controllers\WorkOrderController;
use App\Policies\Right;
use Illuminate\Support\Facades\Route;

Route::pattern('job', '[0-9]{1,9}');
Route::pattern('slug', '[a-z0-9-]{1,60}');
Route::pattern('slab', '[A-Za-z0-9._-]{1,60}');
Route::pattern('step', '[A-Za-z0-9._-]{1,120}');
Route::pattern('spot', '[A-Za-z0-9._-]{1,120}');
Route::pattern('cylinder', '[A-Za-z0-9_-]{1,20}');
Route::pattern('name', '[a-z0-9-]{1,60}');

Route::get('/api/health', HealthController::class)->withoutMiddleware('web');

Route::post('/api/session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
Route::get('/api/session', [SessionController::class, 'show']);

Route::prefix('api')->middleware('auth')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::delete('sessions', [SessionController::class, 'destroyAll']);
    Route::get('floor', FloorController::class)->middleware('revalidated');
    Route::post('jobs', [JobController::class, 'store']);
    Route::get('jobs/{job:number}', [JobController::class, 'show'])->middleware('revalidated');
    Route::get('jobs/{job:number}/lift-cost/{slab}', [JobController::class, 'liftCost']);
    Route::get('jobs/{job:number}/own-steps', [OwnStepController::class, 'choices']);
    Route::post('jobs/{job:number}/own-steps', [OwnStepController::class, 'keep'])->can(Right::KeepSheet->value);
    Route::post('jobs/{job:number}/entries', EntryController::class);
    Route::post('jobs/{job:number}/preview', PreviewController::class);
    Route::post('jobs/{job:number}/thickness/{cylinder}', ThicknessController::class);
    Route::get('jobs/{job:number}/timing', TimingController::class)->middleware('revalidated');
    Route::get('jobs/{job:number}/valves', [ValvesController::class, 'show'])->middleware('revalidated');
    Route::get('jobs/{job:number}/shims.csv', [ValvesController::class, 'csv']);
    Route::get('jobs/{job:number}/closing', ClosingController::class)->middleware('revalidated');
    Route::get('jobs/{job:number}/record.pdf', [RecordController::class, 'pdf']);
    Route::get('jobs/{job:number}/record', [RecordController::class, 'show']);
    Route::get('jobs/{job:number}/record.json', [RecordController::class, 'json']);
    Route::get('jobs/{job:number}/record.csv', [RecordController::class, 'csv']);
    if (env('MOLTREK_BENCH')) {
        Route::get('bare', fn () => response()->json([]));
    }
    Route::get('jobs/{job:number}/work-order.json', WorkOrderController::class);
    Route::get('jobs/{job:number}/stand-in/{spot}', StandInController::class);
    Route::get('jobs/{job:number}/stand-in-wheel', StandInWheelController::class);
    Route::get('jobs/{job:number}/stand-in-gauge', StandInGaugeController::class);
    Route::get('jobs/{job:number}/sequence', [TorqueController::class, 'sequence']);
    Route::get('jobs/{job:number}/stand-in-pull/{step}', [TorqueController::class, 'standIn']);
    Route::post('jobs/{job:number}/limits', [LimitController::class, 'store'])->can(Right::KeepSheet->value);
    Route::post('jobs/{job:number}/limits/preview', [LimitController::class, 'preview']);
    Route::post('jobs/{job:number}/import', ImportController::class);
    Route::get('dates', [DatesController::class, 'show']);
    Route::post('calendar', [DatesController::class, 'renew']);
    Route::post('photos', [PhotoController::class, 'store'])->middleware('throttle:photographs');
    Route::get('photos/{id}', [PhotoController::class, 'show'])->where('id', '[0-9a-f-]{36}');
    Route::get('jobs/{job:number}/trays/{slab}.svg', [TrayController::class, 'svg']);
    Route::get('jobs/{job:number}/trays.pdf', [TrayController::class, 'pdf']);
    Route::get('tools', [ToolController::class, 'index']);
    Route::get('tools/kinds', [ToolController::class, 'kinds']);
    Route::post('tools/{id}', [ToolController::class, 'store'])->can(Right::ChangeTools->value)->where('id', '[a-z0-9-]{1,20}');
    Route::post('habits', [HabitController::class, 'store'])->can(Right::MakeHabits->value);
    Route::get('shelf', [ShelfController::class, 'index']);
    Route::post('shelf', [ShelfController::class, 'store']);
    Route::get('sheets', [SheetController::class, 'index']);
    Route::post('sheets/first/preview', [FirstSheetController::class, 'preview']);
    Route::post('sheets/first', [FirstSheetController::class, 'store'])->can(Right::KeepSheet->value);
    Route::post('sheets', [SheetController::class, 'store'])->can(Right::KeepSheet->value);
    Route::post('sheets/{slug}/findings', [SheetController::class, 'find'])->can(Right::KeepSheet->value);
    Route::get('sheets/{slug}/sheet.json', [SheetController::class, 'json']);
    Route::get('sheets/{slug}/limits.csv', [SheetController::class, 'csv']);
    Route::get('calculations', [CalculationController::class, 'index']);
    Route::post('calculations/{name}', [CalculationController::class, 'store'])->middleware('throttle:calculations');
});

Route::get('/calendar/{key}.ics', [DatesController::class, 'calendar'])->where('key', '[A-Za-z0-9]{40}')->withoutMiddleware('web')->middleware('throttle:60,1');

Route::get('/{any?}', ShellController::class)->where('any', '^(?!api/).*')->name('shell');
