<?php

declare(strict_types=1);

use App\Http\Controllers\Measures\CupController;
use App\Http\Controllers\Measures\GreaseController;
use App\Http\Controllers\Measures\JetController;
use App\Http\Controllers\Measures\LimeController;
use App\Http\Controllers\Measures\MeshController;
use App\Http\Controllers\Measures\TrendController;
use Illuminate\Support\Facades\Route;

Route::middleware(['auth', 'household'])->group(function (): void {
    Route::get('machines/{machine}/measures', [TrendController::class, 'show'])->name('measures')->can('view', 'machine');
    Route::get('machines/{machine}/measures/{series}.csv', [TrendController::class, 'table'])->name('measures.table')
        ->can('view', 'machine');
    Route::get('machines/{machine}/jets', [JetController::class, 'show'])->name('measures.jets')->can('view', 'machine');
    Route::post('machines/{machine}/jets', [JetController::class, 'store'])->can('update', 'machine');
    Route::get('machines/{machine}/cup', [CupController::class, 'show'])->name('measures.cup')->can('view', 'machine');
    Route::post('machines/{machine}/cup', [CupController::class, 'store'])->can('update', 'machine');
    Route::get('machines/{machine}/lime', [LimeController::class, 'show'])->name('measures.lime')->can('view', 'machine');
    Route::post('machines/{machine}/lime', [LimeController::class, 'store'])->can('update', 'machine');
    Route::get('machines/{machine}/grease', [GreaseController::class, 'show'])->name('measures.grease')->can('view', 'machine');
    Route::post('machines/{machine}/grease', [GreaseController::class, 'store'])->can('update', 'machine');
    Route::get('machines/{machine}/mesh', [MeshController::class, 'index'])->name('measures.grid')->can('view', 'machine');
    Route::post('machines/{machine}/mesh', [MeshController::class, 'store'])->can('update', 'machine');
    Route::get('machines/{machine}/mesh/{photo}', [MeshController::class, 'show'])->name('measures.grid.photo')
        ->can('view', 'machine')->can('view', 'photo');
    Route::post('machines/{machine}/mesh/{photo}', [MeshController::class, 'count'])->can('update', 'machine')->can('update', 'photo');
});
