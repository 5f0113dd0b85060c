<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\RecordPurchases;
use App\Care\Cupboard\SupplyCatalog;
use App\Exchange\PurchaseTable;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\PurchaseTableRequest;
use App\View\Pages\Cupboard\CupboardTables;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Psr\Clock\ClockInterface;

/** Purchases, stock and costs as tables; purchases also in: looked through first, written when confirmed. */
final class PurchaseTableController extends Controller
{
    public function create(): View
    {
        return view('cupboard.tables', ['table' => null, 'text' => '']);
    }

    public function store(
        PurchaseTableRequest $request,
        SupplyCatalog $catalog,
        ClockInterface $clock,
        RecordPurchases $record,
    ): View|RedirectResponse {
        $by = $this->person($request);
        $home = $by->home();
        $today = Day::at($clock->now(), $home->zone());
        $table = PurchaseTable::read($request->table(), $request->columns(), $home, $catalog, $today);
        if (!$request->boolean('sure') || [] === $table->good) {
            return view('cupboard.tables', ['table' => $table, 'text' => $request->table()]);
        }

        return redirect()->route('cupboard')->with('did', trans_choice('exchange.purchases.written', $record->handle($by, $table->good)));
    }

    public function show(Request $request, string $table, CupboardTables $tables): Response
    {
        $text = $tables->csv($table, $this->person($request)->home()) ?? abort(404);

        return response($text, 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"$table.csv\"",
        ]);
    }
}
