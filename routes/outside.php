<?php

declare(strict_types=1);

/* What is reached without a login, each by a secret of its own: no cookies, no session. */

use App\Http\Controllers\Account\AccountController;
use App\Http\Controllers\Devices\DeviceEventController;
use App\Http\Controllers\Devices\DueController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\Household\FeedController;
use App\Http\Controllers\Household\RegistrationController;
use App\Http\Controllers\Household\ReminderController;
use App\Http\Middleware\DeviceToken;
use Illuminate\Support\Facades\Route;

Route::get('up', HealthController::class)->name('up');
Route::middleware(['throttle:device', DeviceToken::class])->group(function (): void {
    Route::get('device/events', [DeviceEventController::class, 'index']);
    Route::post('device/events', [DeviceEventController::class, 'store']);
});
Route::get('api/due', DueController::class)->middleware('throttle:device')->name('due');
Route::get('calendar/{token}.ics', [FeedController::class, 'show'])->where('token', '[0-9A-Za-z]+')->name('feed');
Route::get('reminders/stop/{user}', [ReminderController::class, 'leave'])->name('reminders.stop')->middleware('signed:relative');
Route::post('reminders/stop/{user}', [ReminderController::class, 'stop'])->middleware('signed:relative');
Route::middleware(['web', 'signed:relative'])->group(function (): void {
    Route::get('account/email/{user}', [AccountController::class, 'confirm'])->name('account.email.confirm');
    Route::post('account/email/{user}', [AccountController::class, 'confirmed']);
    Route::middleware('guest')->group(function (): void {
        Route::get('register/confirmed', [RegistrationController::class, 'confirmed'])->name('register.confirmed');
        Route::post('register/confirmed', [RegistrationController::class, 'storeConfirmed'])->middleware('throttle:sign-up');
    });
});
