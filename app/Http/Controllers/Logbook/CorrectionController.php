<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\ActionRefused;
use App\Actions\Logbook\CorrectEntry;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\CorrectionRequest;
use App\Models\Entry;
use App\View\Pages\Machines\CorrectionPage;
use GoodRinse\Core\Handbook\UnknownEntry;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Setting an entry right. */
final class CorrectionController extends Controller
{
    public function edit(Request $request, Entry $entry, CorrectionPage $page): View
    {
        return view('entries.correct', $page->for($entry->load('machine'), $this->person($request)->home()));
    }

    public function update(CorrectionRequest $request, Entry $entry, CorrectEntry $correct): RedirectResponse
    {
        $entry->loadMissing('machine');
        try {
            $id = $correct->handle(
                $entry,
                $this->person($request),
                $request->ulid(),
                $request->payload(),
                $request->happenedAt(),
                $request->machine(),
                $request->part(),
            );
        } catch (UnknownEntry) {
            return back()->withInput()->withErrors(['found' => (string) __('logbook.no_grade')]);
        } catch (ActionRefused $e) {
            return back()->withInput()->withErrors(['on' => $e->getMessage()]);
        }

        return redirect()->route('logbook', ['entry' => $id])->with('did', __('logbook.corrected'));
    }
}
