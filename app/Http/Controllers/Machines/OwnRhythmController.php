<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\FixRhythm;
use App\Care\Readers\CareReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\OwnRhythmRequest;
use App\Models\Machine;
use GoodRinse\Core\Rhythm\Clock;
use GoodRinse\Core\Rhythm\OwnRhythm;
use Illuminate\Http\RedirectResponse;

/** What a household wants of the rhythm of one care task. */
final class OwnRhythmController extends Controller
{
    public function update(OwnRhythmRequest $request, Machine $machine, string $task, CareReader $care, FixRhythm $keep): RedirectResponse
    {
        $reading = ($care->machine($machine, $this->person($request)->home())->tasks[$task] ?? abort(404));
        $clock = $reading->rhythm()->deciding;
        $was = OwnRhythm::read((array) ($machine->rhythms[$task] ?? []));
        [$unit, $count] = match ($request->input('keep')) {
            'now' => [
                $clock->clock->unit,
                max(1.0, Clock::DAYS === $clock->clock->unit ? ceil($clock->learned->interval - 1e-9) : round($clock->learned->interval)),
            ],
            'start' => null === $reading->start()->base ? [null, null] : [$reading->start()->unit, $reading->start()->count],
            'as-kept' => [$was->unit, $was->count],
            default => [null, null],
        };
        $keep->handle($machine, $task, new OwnRhythm($unit, $count, $request->days('least'), $request->days('most')));

        return redirect()->route('rhythm.why', [$machine, $task])->with('did', __('machines.saved'));
    }
}
