<?php

declare(strict_types=1);

use App\Http\Controllers\ComparisonController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\RankController;
use App\Http\Controllers\RushController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SubjectController;
use Illuminate\Support\Facades\Route;

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::post('session/demo', [SessionController::class, 'demo'])->middleware('throttle:30,1');
    Route::delete('session', [SessionController::class, 'destroy']);

    Route::middleware('auth')->group(function (): void {
        Route::post('plan', PlanController::class);
        Route::post('rank', RankController::class);
        Route::get('rank/progress', [RankController::class, 'progress']);
        Route::post('compare', ComparisonController::class);
        Route::get('subjects', SubjectController::class);

        Route::get('rushes', [RushController::class, 'index']);
        Route::post('rushes', [RushController::class, 'store']);
        Route::post('rushes/upload', [RushController::class, 'upload']);
        Route::get('rushes/{rush}', [RushController::class, 'show']);
        Route::put('rushes/{rush}', [RushController::class, 'update']);
        Route::patch('rushes/{rush}', [RushController::class, 'rename']);
        Route::delete('rushes/{rush}', [RushController::class, 'destroy']);
        Route::post('rushes/{rush}/duplicate', [RushController::class, 'duplicate']);
        Route::post('rushes/{id}/restore', [RushController::class, 'restore']);
        Route::get('rushes/{rush}/document', [RushController::class, 'download']);
    });

    Route::any('{any}', fn () => abort(404, 'There is no such address in the API.'))->where('any', '.*');
});

// Every other address is the page, which finds its own way.
Route::view('/{any?}', 'page')->where('any', '^(?!build/).*$');
