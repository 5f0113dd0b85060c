<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\NoteLight;
use App\Http\Requests\LightRequest;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;

/** Indicator lights. */
final class LightController extends Controller
{
    public function store(LightRequest $request, Machine $machine, NoteLight $note): RedirectResponse
    {
        $note->handle($machine, $this->person($request), $request->ulid(), $request->string('light')->toString(), $request->boolean('on'));

        return back()->with('did', __($request->boolean('on') ? 'machines.light_on' : 'machines.light_off'))->with('undo', $request->ulid());
    }
}
