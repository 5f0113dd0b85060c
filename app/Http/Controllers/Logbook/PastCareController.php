<?php

declare(strict_types=1);

namespace App\Http\Controllers\Logbook;

use App\Actions\Logbook\RecordPastCare;
use App\Care\Readers\CareReader;
use App\Exchange\PastCareTable;
use App\Http\Controllers\Controller;
use App\Http\Requests\Logbook\PastCareRequest;
use GoodRinse\Core\Handbook\Handbook;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Psr\Clock\ClockInterface;

/** A table of past care: looked through first, its columns matched, written when confirmed. */
final class PastCareController extends Controller
{
    public function create(): View
    {
        return view('import.past', ['table' => null, 'text' => '', 'id' => '']);
    }

    public function store(
        PastCareRequest $request,
        CareReader $care,
        Handbook $handbook,
        ClockInterface $clock,
        RecordPastCare $record,
    ): View|RedirectResponse {
        $by = $this->person($request);
        $home = $by->home();
        $today = Day::at($clock->now(), $home->zone());
        $table = PastCareTable::read($request->table(), $request->columns(), $care->household($home), $handbook, $today);
        if (!$request->boolean('sure') || [] === $table->good) {
            return view('import.past', ['table' => $table, 'text' => $request->table(), 'id' => $request->ulid()]);
        }
        $written = $record->handle($by, $request->ulid(), $table->good);

        return redirect()->route('logbook')->with('did', trans_choice('exchange.past.written', $written));
    }
}
