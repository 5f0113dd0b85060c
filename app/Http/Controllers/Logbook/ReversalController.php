<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\ReverseEntry;
use App\Http\Controllers\Controller;
use App\Models\Entry;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undoing an entry, or undoing the undo. */
final class ReversalController extends Controller
{
    public function store(Request $request, Entry $entry, ReverseEntry $void): RedirectResponse
    {
        $id = $void->handle($entry, $this->person($request));
        $undone = null === $entry->voids;

        return back()->with('did', __($undone ? 'logbook.undone' : 'logbook.brought_back'))->with('undo', $id);
    }
}
