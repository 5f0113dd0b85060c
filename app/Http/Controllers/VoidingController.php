<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\VoidEntry;
use App\Models\Entry;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undoing an entry, or undoing the undo. */
final class VoidingController extends Controller
{
    public function store(Request $request, Entry $entry, VoidEntry $void): RedirectResponse
    {
        $id = $void->handle($entry, $this->person($request));
        $undone = null === $entry->voids;

        return back()->with('did', __($undone ? 'logbook.undone' : 'logbook.brought_back'))->with('undo', $id);
    }
}
