<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\ConfirmSymptom;
use App\Http\Controllers\Controller;
use App\Http\Requests\UlidRequest;
use App\Models\Entry;
use Illuminate\Http\RedirectResponse;

/** What was noticed, and whether it came from a job left too long. */
final class SymptomController extends Controller
{
    public function confirm(UlidRequest $request, Entry $entry, ConfirmSymptom $confirm): RedirectResponse
    {
        $caused = $request->boolean('caused');
        $confirm->handle($entry, $this->person($request), $request->ulid(), $caused);

        return back()->with('did', __($caused ? 'machines.caused' : 'machines.not_caused'))->with('undo', $request->ulid());
    }
}
