<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\RecordLight;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\LightRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** Indicator lights. */
final class LightController extends Controller
{
    public function store(LightRequest $request, Machine $machine, RecordLight $note): RedirectResponse
    {
        $note->handle($machine, $this->person($request), $request->ulid(), $request->string('light')->toString(), $request->boolean('on'));

        return back()->with('did', __($request->boolean('on') ? 'machines.light_on' : 'machines.light_off'))->with(
            'undo',
            $request->ulid(),
        );
    }
}
