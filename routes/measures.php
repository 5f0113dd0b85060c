<?php

declare(strict_types=1);

use App\Http\Controllers\Measures\JetController;
use App\Http\Controllers\Measures\TrendController;
use Illuminate\Support\Facades\Route;

Route::middleware(['auth', 'household'])->group(function (): void {
    Route::get('machines/{machine}/measures', [TrendController::class, 'show'])->name('measures')->can('view', 'machine');
    Route::get('machines/{machine}/jets', [JetController::class, 'show'])->name('measures.jets')->can('view', 'machine');
    Route::post('machines/{machine}/jets', [JetController::class, 'store'])->can('update', 'machine');
});
