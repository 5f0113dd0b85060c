<?php

declare(strict_types=1);

use App\Http\Controllers\Cupboard\CostController;
use App\Http\Controllers\Cupboard\CupboardController;
use App\Http\Controllers\Cupboard\PurchaseTableController;
use App\Http\Controllers\Cupboard\ShoppingListController;
use App\Http\Controllers\Cupboard\SupplyController;
use Illuminate\Support\Facades\Route;

Route::middleware(['auth', 'household'])->group(function (): void {
    Route::get('cupboard', [CupboardController::class, 'show'])->name('cupboard');
    Route::post('cupboard', [CupboardController::class, 'store']);
    Route::put('cupboard/supplies', [SupplyController::class, 'update'])->name('cupboard.keep');
    Route::delete('cupboard/supplies', [SupplyController::class, 'destroy']);
    Route::post('cupboard/supplies', [SupplyController::class, 'store'])->name('cupboard.own');
    Route::get('cupboard/list', [ShoppingListController::class, 'show'])->name('shopping');
    Route::get('cupboard/list/state', [ShoppingListController::class, 'state'])->name('shopping.state');
    Route::post('cupboard/list/ticks', [ShoppingListController::class, 'store'])->name('shopping.ticks');
    Route::get('cupboard/list.txt', [ShoppingListController::class, 'text'])->name('shopping.text');
    Route::get('cupboard/list.csv', [ShoppingListController::class, 'csv'])->name('shopping.csv');
    Route::get('cupboard/costs', [CostController::class, 'show'])->name('costs');
    Route::put('cupboard/costs', [CostController::class, 'update']);
    Route::get('cupboard/tables', [PurchaseTableController::class, 'create'])->name('purchases');
    Route::post('cupboard/tables', [PurchaseTableController::class, 'store']);
    Route::get('cupboard/tables/{table}.csv', [PurchaseTableController::class, 'show'])->name('purchases.csv');
});
