<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Reminders\ChangeReminders;
use App\Actions\Reminders\SendDigests;
use App\Actions\Reminders\StopReminders;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\RemindersRequest;
use App\Models\User;
use App\View\Calendar\DueJson;
use App\View\Pages\Household\RemindersPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** The calendar, the mail, and the box that mail goes to. */
final class ReminderController extends Controller
{
    public function edit(Request $request, RemindersPage $page): View
    {
        return view('reminders.edit', $page->for($this->person($request)));
    }

    public function update(RemindersRequest $request, ChangeReminders $change): RedirectResponse
    {
        $change->handle(
            $this->person($request),
            $request->boolean('wanted'),
            $request->integer('digest_hour'),
            $request->integer('quiet_from'),
            $request->integer('quiet_to'),
            $request->boolean('quiet_machines'),
            $request->filled('calendar_kind') ? $request->string('calendar_kind')->toString() : null,
        );

        return redirect()->route('reminders')->with('did', __('reminders.saved'));
    }

    public function due(Request $request, DueJson $due): JsonResponse
    {
        return response()->json($due->notices($this->person($request)->home()));
    }

    public function send(Request $request, SendDigests $send): RedirectResponse
    {
        return redirect()->route('reminders')->with(
            'did',
            __($send->now($this->person($request)) ? 'reminders.sent' : 'reminders.nothing'),
        );
    }

    /** Asks, because mail programs open links by themselves. */
    public function leave(Request $request, User $user): View
    {
        return view('reminders.stop', ['url' => $request->getRequestUri(), 'stopped' => !$user->reminders]);
    }

    public function stop(Request $request, User $user, StopReminders $stop): View
    {
        $stop->handle($user);

        return view('reminders.stop', ['url' => $request->getRequestUri(), 'stopped' => true]);
    }
}
