<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\ChangeHousehold;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\HouseholdRequest;
use App\View\Words\BackupWords;
use GoodRinse\Core\Dose\Descaling;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** People, time zone, measures, water and rules. */
final class HouseholdController extends Controller
{
    public function edit(Request $request, Handbook $handbook, BackupWords $backup): View
    {
        $household = $this->person($request)->home();

        return view('household.edit', [
            'household' => $household,
            'units' => (new Descaling($handbook->doseModel()))->hardnessUnits(),
            'strengths' => $handbook->agent('white-vinegar')->strengths,
            'devices' => $household->devices()->with('machine')->orderBy('name')->get(),
            'memberships' => $household->memberships()->with('user')->orderBy('id')->get(),
            'backup' => $backup->line($household),
            'isKeeper' => $this->person($request)->isKeeper(),
            'invitations' => $household->invitations()
                ->whereNull('used_at')
                ->where('expires_at', '>', app(ClockInterface::class)->now())
                ->orderBy('created_at')
                ->get(),
        ]);
    }

    public function update(HouseholdRequest $request, ChangeHousehold $change): RedirectResponse
    {
        $household = $this->person($request)->home();
        $change->handle($household, $request->settings());

        return redirect()->route('household')->with('did', __('household.saved'));
    }
}
