<?php

declare(strict_types=1);

/* Accounts, who belongs to a household, and taking one along. */

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Account\CodeController;
use App\Http\Controllers\Account\ForgottenPasswordController;
use App\Http\Controllers\Account\LoginController;
use App\Http\Controllers\Account\ShortcutsController;
use App\Http\Controllers\Account\TwoFactorController;
use App\Http\Controllers\HelpController;
use App\Http\Controllers\Household\ExchangeController;
use App\Http\Controllers\Household\MemberController;
use App\Http\Controllers\Household\SecurityController;
use App\Http\Controllers\Logbook\PastCareController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('login/code', [CodeController::class, 'create'])->name('login.code');
    Route::post('login/code', [CodeController::class, 'store'])->middleware('throttle:code');
    Route::get('forgotten', [ForgottenPasswordController::class, 'create'])->name('password.request');
    Route::post('forgotten', [ForgottenPasswordController::class, 'store'])->middleware('throttle:mail');
    Route::get('forgotten/{token}', [ForgottenPasswordController::class, 'edit'])->name('password.reset');
    Route::post('forgotten/{token}', [ForgottenPasswordController::class, 'update'])->middleware('throttle:sign-up');
});

Route::middleware('auth')->group(function (): void {
    Route::get('account', [AccountController::class, 'edit'])->name('account');
    Route::put('account/name', [AccountController::class, 'name'])->name('account.name');
    Route::put('account/email', [AccountController::class, 'email'])->name('account.email')->middleware(['throttle:mail', 'password']);
    Route::put('account/password', [AccountController::class, 'password'])->name('account.password')
        ->middleware(['throttle:code', 'password']);
    Route::post('hints/{hint}', [HelpController::class, 'away'])->name('hints.away');
    Route::put('account/shortcuts', [ShortcutsController::class, 'update'])->name('account.shortcuts');
    Route::delete('account', [AccountController::class, 'destroy'])->middleware(['throttle:code', 'password']);
    Route::delete('account/logins', [LoginController::class, 'others'])->name('account.logins');
    Route::delete('account/logins/{login}', [LoginController::class, 'destroy'])->name('account.login');
    Route::post('account/code', [TwoFactorController::class, 'store'])->name('account.code')->middleware(['throttle:code', 'password']);
    Route::put('account/code', [TwoFactorController::class, 'confirm'])->middleware('throttle:code');
    Route::delete('account/code', [TwoFactorController::class, 'destroy'])->middleware(['throttle:code', 'password']);
    Route::post('households/{household}/open', [MemberController::class, 'open'])->name('household.open');
    Route::get('import', [ExchangeController::class, 'create'])->name('import');
    Route::post('import', [ExchangeController::class, 'store'])->middleware('throttle:export');
    Route::get('import/{file}', [ExchangeController::class, 'show'])->name('import.show');
    Route::post('import/{file}', [ExchangeController::class, 'confirm'])->middleware('throttle:export');

    Route::middleware('household')->group(function (): void {
        Route::get('help', [HelpController::class, 'show'])->name('help');
        Route::get('logbook/past', [PastCareController::class, 'create'])->name('past');
        Route::post('logbook/past', [PastCareController::class, 'store']);
        Route::post('household/leave', [MemberController::class, 'leave'])->name('household.leave');
        Route::middleware('keeper')->group(function (): void {
            Route::delete('household', [MemberController::class, 'end'])->middleware(['throttle:code', 'password']);
            Route::delete('household/members/{user}', [MemberController::class, 'destroy'])->name('members.destroy');
            Route::post('household/keeper', [MemberController::class, 'handOver'])->name('members.keeper')
                ->middleware(['throttle:code', 'password']);
            Route::get('household/security', [SecurityController::class, 'index'])->name('household.security');
        });
        Route::get('household/export', [ExchangeController::class, 'export'])->name('household.export')->middleware('throttle:export');
        Route::get('machines/{machine}/export', [ExchangeController::class, 'machine'])->name('machines.export')
            ->middleware('throttle:export')
            ->can('view', 'machine');
    });
});
