<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\VoidEntry;
use App\Http\Requests\UlidRequest;
use App\Models\Entry;
use Illuminate\Http\RedirectResponse;

/** Undoing an entry, or undoing the undo. */
final class VoidingController extends Controller
{
    public function store(UlidRequest $request, Entry $entry, VoidEntry $void): RedirectResponse
    {
        $void->handle($entry, $this->person($request), $request->ulid());
        $undone = null === $entry->voids;

        return back()->with('did', __($undone ? 'logbook.undone' : 'logbook.brought_back'))->with('undo', $request->ulid());
    }
}
