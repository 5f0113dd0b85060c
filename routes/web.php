<?php

declare(strict_types=1);

use App\Http\Controllers\BlankController;
use App\Http\Controllers\Devices\DeviceController;
use App\Http\Controllers\HandbookController;
use App\Http\Controllers\Household\AppearanceController;
use App\Http\Controllers\Household\FeedController;
use App\Http\Controllers\Household\HouseholdController;
use App\Http\Controllers\Household\HouseholdCreationController;
use App\Http\Controllers\Household\InvitationController;
use App\Http\Controllers\Household\JoinController;
use App\Http\Controllers\Household\RegistrationController;
use App\Http\Controllers\Household\ReminderController;
use App\Http\Controllers\Household\SessionController;
use App\Http\Controllers\Household\WaterController;
use App\Http\Controllers\Logbook\AbsenceController;
use App\Http\Controllers\Logbook\ClearingController;
use App\Http\Controllers\Logbook\CorrectionController;
use App\Http\Controllers\Logbook\LightController;
use App\Http\Controllers\Logbook\LogbookController;
use App\Http\Controllers\Logbook\OpeningController;
use App\Http\Controllers\Logbook\PourController;
use App\Http\Controllers\Logbook\ReversalController;
use App\Http\Controllers\Logbook\SnoozeController;
use App\Http\Controllers\Logbook\SymptomController;
use App\Http\Controllers\Machines\ClaimController;
use App\Http\Controllers\Machines\DisassemblyController;
use App\Http\Controllers\Machines\DocumentController;
use App\Http\Controllers\Machines\DoorCardController;
use App\Http\Controllers\Machines\HistoryController;
use App\Http\Controllers\Machines\MachineController;
use App\Http\Controllers\Machines\OwnPartController;
use App\Http\Controllers\Machines\OwnRhythmController;
use App\Http\Controllers\Machines\OwnTaskController;
use App\Http\Controllers\Machines\PartController;
use App\Http\Controllers\Machines\ProcedureNoteController;
use App\Http\Controllers\Machines\ReadingController;
use App\Http\Controllers\Machines\RetirementController;
use App\Http\Controllers\Machines\RhythmController;
use App\Http\Controllers\Machines\StartController;
use App\Http\Controllers\Machines\TraitController;
use App\Http\Controllers\Machines\UseController;
use App\Http\Controllers\Rounds\PhotoController;
use App\Http\Controllers\Rounds\RoundController;
use App\Http\Controllers\Rounds\TickController;
use App\Http\Controllers\Sessions\AheadController;
use App\Http\Controllers\Sessions\CareSessionController;
use App\Http\Controllers\Sessions\PlanController;
use App\Http\Controllers\TodayController;
use App\Http\Controllers\Traces\TraceController;
use Illuminate\Support\Facades\Route;

Route::middleware('guest')->group(function (): void {
    Route::get('login', [SessionController::class, 'create'])->name('login');
    Route::post('login', [SessionController::class, 'store'])->middleware('throttle:sign-in');
    Route::get('register', [RegistrationController::class, 'create'])->name('register');
    Route::post('register', [RegistrationController::class, 'store'])->middleware('throttle:sign-up');
    Route::post('register/link', [RegistrationController::class, 'sendLink'])->name('register.link')->middleware('throttle:mail');
});

Route::get('join/{token}', [JoinController::class, 'show'])->name('join')->middleware('throttle:sign-up');

Route::middleware('auth')->group(function (): void {
    Route::post('logout', [SessionController::class, 'destroy'])->name('logout');
    Route::post('join/{token}', [JoinController::class, 'store'])->middleware('throttle:sign-up');
    Route::get('household/new', [HouseholdCreationController::class, 'create'])->name('household.new');
    Route::post('household/new', [HouseholdCreationController::class, 'store']);

    Route::middleware('household')->group(function (): void {
        Route::get('/', TodayController::class)->name('today');
        Route::get('plan', PlanController::class)->name('plan');
        Route::get('ahead', [AheadController::class, 'show'])->name('ahead');
        Route::put('ahead', [AheadController::class, 'update']);
        Route::post('sessions', [CareSessionController::class, 'store'])->name('sessions.store');
        Route::get('sessions/{session}', [CareSessionController::class, 'show'])->name('sessions.show')->can('view', 'session');
        Route::post('sessions/{session}/turn', [CareSessionController::class, 'turn'])->name('sessions.turn')->can('update', 'session');
        Route::post('sessions/{session}/people', [CareSessionController::class, 'join'])->name('sessions.join')->can('update', 'session');
        Route::delete('sessions/{session}/people', [CareSessionController::class, 'leave'])->can('update', 'session');

        Route::get('kitchen', [MachineController::class, 'index'])->name('kitchen');
        Route::get('machines/new', [MachineController::class, 'create'])->name('machines.create');
        Route::post('machines', [MachineController::class, 'store'])->name('machines.store');
        Route::get('machines/{machine}', [MachineController::class, 'show'])->name('machines.show')->can('view', 'machine');
        Route::get('machines/{machine}/edit', [MachineController::class, 'edit'])->name('machines.edit')->can('update', 'machine');
        Route::put('machines/{machine}', [MachineController::class, 'update'])->name('machines.update')->can('update', 'machine');
        Route::put('machines/{machine}/traits/{trait}', [TraitController::class, 'update'])->name('machines.trait')->can(
            'update',
            'machine',
        );
        Route::get('machines/{machine}/uses', [UseController::class, 'index'])->name('uses.index')->can('view', 'machine');
        Route::post('machines/{machine}/uses', [UseController::class, 'store'])->name('uses.store')->can('update', 'machine');
        Route::post('machines/{machine}/openings', [OpeningController::class, 'store'])->name('openings.store')->can('update', 'machine');
        Route::get('machines/{machine}/rounds/new', [RoundController::class, 'create'])->name('rounds.create')->can('view', 'machine');
        Route::post('machines/{machine}/documents', [DocumentController::class, 'store'])->name('machines.documents')
            ->can('update', 'machine');
        Route::get('documents/{document}', [DocumentController::class, 'show'])->name('documents.show')->can('view', 'document');
        Route::delete('documents/{document}', [DocumentController::class, 'destroy'])->name('documents.destroy')->can('update', 'document');
        Route::put('machines/{machine}/notes/{procedure}', [ProcedureNoteController::class, 'update'])->name('machines.note')
            ->can('update', 'machine');
        Route::get('tasks', [OwnTaskController::class, 'index'])->name('tasks.index');
        Route::get('tasks/new/{where}', [OwnTaskController::class, 'create'])->name('tasks.create');
        Route::post('tasks', [OwnTaskController::class, 'store'])->name('tasks.store');
        Route::get('machines/{machine}/tasks/{task}', [OwnTaskController::class, 'edit'])->name('tasks.edit')->can('update', 'machine');
        Route::put('machines/{machine}/tasks/{task}', [OwnTaskController::class, 'update'])->name('tasks.update')
            ->can('update', 'machine');
        Route::delete('machines/{machine}/tasks/{task}', [OwnTaskController::class, 'destroy'])->name('tasks.destroy')
            ->can('update', 'machine');
        Route::post('machines/{machine}/tasks/{task}/again', [OwnTaskController::class, 'resume'])->name('tasks.resume')
            ->can('update', 'machine');
        Route::get('machines/{machine}/apart', [DisassemblyController::class, 'index'])->name('machines.apart')->can('view', 'machine');
        Route::get('machines/{machine}/parts', [PartController::class, 'index'])->name('machines.parts')->can('view', 'machine');
        Route::post('machines/{machine}/parts/needed', [PartController::class, 'store'])->name('machines.parts.need')
            ->can('update', 'machine');
        Route::post('machines/{machine}/parts/fitted', [PartController::class, 'fit'])
            ->name('machines.parts.fitted')
            ->can('update', 'machine');
        Route::get('machines/{machine}/apart/{part}', [DisassemblyController::class, 'edit'])->name('machines.apart.edit')->can(
            'update',
            'machine',
        );
        Route::post('machines/{machine}/parts', [OwnPartController::class, 'store'])->name('parts.store')->can('update', 'machine');
        Route::delete('machines/{machine}/parts/{part}', [OwnPartController::class, 'destroy'])->name('parts.destroy')->can(
            'update',
            'machine',
        );
        Route::put('machines/{machine}/apart/{part}', [DisassemblyController::class, 'update'])->name('machines.apart.update')->can(
            'update',
            'machine',
        );
        Route::post('machines/{machine}/rounds', [RoundController::class, 'store'])->name('rounds.store')->can('update', 'machine');

        Route::get('machines/{machine}/retire', [RetirementController::class, 'create'])->name('machines.retire')
            ->can('update', 'machine');
        Route::post('machines/{machine}/retire', [RetirementController::class, 'store'])->can('update', 'machine');
        Route::delete('machines/{machine}/retire', [RetirementController::class, 'destroy'])->can('view', 'machine');
        Route::get('machines/{machine}/record.pdf', [RetirementController::class, 'record'])->name('machines.record')
            ->can('view', 'machine');
        Route::get('machines/{machine}/card', [DoorCardController::class, 'show'])->name('machines.card')->can('view', 'machine');
        Route::get('machines/{machine}/vessels/{vessel}/pour', [PourController::class, 'create'])->name('vessels.pour')->can(
            'update',
            'machine',
        );
        Route::post('machines/{machine}/vessels/{vessel}/pour', [PourController::class, 'store'])->can('update', 'machine');
        Route::get('machines/{machine}/vessels/{vessel}/happened', [PourController::class, 'happened'])->name('vessels.happened')->can(
            'view',
            'machine',
        );
        Route::post('machines/{machine}/vessels/{vessel}/clear', [ClearingController::class, 'store'])->name('vessels.clear')->can(
            'update',
            'machine',
        );

        Route::get('rounds/{round}', [RoundController::class, 'show'])->name('rounds.show')->can('view', 'round');
        Route::get('rounds/{round}/ahead', [RoundController::class, 'ahead'])->name('rounds.ahead')->can('update', 'round');
        Route::get('rounds/{round}/state', [RoundController::class, 'state'])->name('rounds.state')->can('view', 'round');
        Route::get('rounds/{round}/record', [RoundController::class, 'record'])->name('rounds.record')->can('view', 'round');
        Route::get('rounds/{round}/record.pdf', [RoundController::class, 'recordPdf'])->name('rounds.record.pdf')->can('view', 'round');
        Route::post('rounds/{round}/settle', [RoundController::class, 'settle'])->name('rounds.settle')->can('update', 'round');
        Route::post('rounds/{round}/end', [RoundController::class, 'end'])->name('rounds.end')->can('update', 'round');
        Route::post('rounds/{round}/ticks', [TickController::class, 'store'])->name('ticks.store')->can('update', 'round');
        Route::get('rhythm', [RhythmController::class, 'index'])->name('rhythm');
        Route::put('machines/{machine}/rhythm/{task}', [OwnRhythmController::class, 'update'])->name('rhythm.own')->can(
            'update',
            'machine',
        );
        Route::get('machines/{machine}/before', [HistoryController::class, 'create'])->name('machines.before')->can('update', 'machine');
        Route::post('machines/{machine}/before', [HistoryController::class, 'store'])->can('update', 'machine');
        Route::get('machines/{machine}/rhythm/{task}', [RhythmController::class, 'why'])->name('rhythm.why')->can('view', 'machine');
        Route::get('machines/{machine}/start', [StartController::class, 'edit'])->name('machines.start')->can('update', 'machine');
        Route::put('machines/{machine}/start', [StartController::class, 'update'])->can('update', 'machine');
        Route::post('machines/{machine}/snoozes', [SnoozeController::class, 'store'])->name('snoozes.store')->can('update', 'machine');
        Route::post('machines/{machine}/tasks/{task}/claim', [ClaimController::class, 'store'])->name('tasks.claim')
            ->can('update', 'machine');
        Route::delete('machines/{machine}/tasks/{task}/claim', [ClaimController::class, 'destroy'])->can('update', 'machine');
        Route::post('machines/{machine}/lights', [LightController::class, 'store'])->name('lights.store')->can('update', 'machine');
        Route::post('entries/{entry}/cause', [SymptomController::class, 'confirm'])->name('symptoms.confirm')->can('update', 'entry');
        Route::get('trace', [TraceController::class, 'anywhere'])->name('trace');
        Route::get('machines/{machine}/trace', [TraceController::class, 'create'])->name('traces.create')->can('update', 'machine');
        Route::post('machines/{machine}/traces', [TraceController::class, 'store'])->name('traces.store')->can('update', 'machine');
        Route::post('machines/{machine}/forget', [TraceController::class, 'forget'])->name('traces.forget')->can('update', 'machine');
        Route::get('traces/{trace}', [TraceController::class, 'show'])->name('traces.show')->can('view', 'trace');
        Route::post('traces/{trace}/steps', [TraceController::class, 'step'])->name('traces.step')->can('update', 'trace');
        Route::post('traces/{trace}/back', [TraceController::class, 'back'])->name('traces.back')->can('update', 'trace');
        Route::post('traces/{trace}/end', [TraceController::class, 'end'])->name('traces.end')->can('update', 'trace');
        Route::post('traces/{trace}/told', [TraceController::class, 'told'])->name('traces.told')->can('update', 'trace');
        Route::post('traces/{trace}/held', [TraceController::class, 'held'])->name('traces.held')->can('update', 'trace');
        Route::get('traces/{trace}/sheet', [TraceController::class, 'sheet'])->name('traces.sheet')->can('view', 'trace');
        Route::get('traces/{trace}/sheet.pdf', [TraceController::class, 'sheetPdf'])->name('traces.sheet.pdf')->can('view', 'trace');
        Route::get('away', [AbsenceController::class, 'create'])->name('away');
        Route::post('away', [AbsenceController::class, 'store']);
        Route::post('away/back', [AbsenceController::class, 'back'])->name('away.back');

        Route::get('machines/{machine}/devices/new', [DeviceController::class, 'create'])->name('devices.create')->can('update', 'machine');
        Route::post('machines/{machine}/devices', [DeviceController::class, 'store'])->name('devices.store')->can('update', 'machine');
        Route::get('devices/{device}', [DeviceController::class, 'show'])->name('devices.show')->can('view', 'device');
        Route::get('devices/{device}/stream', [DeviceController::class, 'stream'])->name('devices.stream')->can('view', 'device');
        Route::post('devices/{device}/token', [DeviceController::class, 'rotate'])->name('devices.rotate')->can('update', 'device');
        Route::delete('devices/{device}', [DeviceController::class, 'destroy'])->name('devices.destroy')->can('update', 'device');
        Route::post('devices/{device}/settle', [DeviceController::class, 'settle'])->name('devices.settle')->can('update', 'device');
        Route::post('devices/{device}/simulate', [DeviceController::class, 'simulate'])->name('devices.simulate')->can('update', 'device');
        Route::get('machines/{machine}/readings', [ReadingController::class, 'create'])->name('readings.create')->can('update', 'machine');
        Route::post('machines/{machine}/readings', [ReadingController::class, 'store'])->can('update', 'machine');

        Route::get('reminders', [ReminderController::class, 'edit'])->name('reminders');
        Route::get('reminders/due', [ReminderController::class, 'due']);
        Route::put('reminders', [ReminderController::class, 'update']);
        Route::post('reminders/send', [ReminderController::class, 'send'])->name('reminders.send')->middleware('throttle:sign-up');
        Route::post('feeds', [FeedController::class, 'store'])->name('feeds.store');
        Route::delete('feeds/{feed}', [FeedController::class, 'destroy'])->name('feeds.destroy')->can('update', 'feed');
        Route::get('household/water', [WaterController::class, 'edit'])->name('water');
        Route::put('household/water', [WaterController::class, 'update']);

        Route::get('photos/{photo}', [PhotoController::class, 'show'])->name('photos.show')->can('view', 'photo');

        Route::get('logbook', [LogbookController::class, 'index'])->name('logbook');
        Route::get('entries/{entry}/correct', [CorrectionController::class, 'edit'])->name('entries.correct')->can('update', 'entry');
        Route::post('entries/{entry}/correct', [CorrectionController::class, 'update'])->can('update', 'entry');
        Route::post('entries/{entry}/void', [ReversalController::class, 'store'])->name('entries.void')->can('update', 'entry');

        Route::get('handbook', [HandbookController::class, 'index'])->name('handbook');
        Route::get('handbook/keep-apart', [HandbookController::class, 'keepApart'])->name('handbook.keep-apart');
        Route::get('handbook/schools', [HandbookController::class, 'schools'])->name('handbook.schools');
        Route::get('handbook/symptoms', [HandbookController::class, 'symptoms'])->name('handbook.symptoms');
        Route::get('handbook/{kind}/{procedure}', [HandbookController::class, 'procedure'])->name('handbook.procedure');

        Route::get('household', [HouseholdController::class, 'edit'])->name('household');
        Route::put('household', [HouseholdController::class, 'update']);
        Route::post('household/invitations', [InvitationController::class, 'store'])->name('invitations.store')->middleware('keeper');
        Route::delete('household/invitations/{invitation}', [InvitationController::class, 'destroy'])->name('invitations.destroy')->can(
            'update',
            'invitation',
        );
        Route::put('appearance', [AppearanceController::class, 'update'])->name('appearance');

        Route::get('blank', BlankController::class)->name('blank');
    });
});

require __DIR__.'/account.php';
require __DIR__.'/cupboard.php';
require __DIR__.'/measures.php';
