<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cupboard;

use App\Actions\Cupboard\TickPurchase;
use App\Http\Controllers\Controller;
use App\Http\Requests\Cupboard\StockRequest;
use App\View\Pages\Cupboard\ShoppingPage;
use App\View\Pages\Cupboard\ShoppingTables;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What to buy, shared by everybody of a household and ticked in the shop. */
final class ShoppingListController extends Controller
{
    public function show(Request $request, ShoppingPage $page): View
    {
        return view('cupboard.list', $page->for($this->person($request)->home()));
    }

    /** What changes with the list, for a page that is open elsewhere; and a token for what it kept meanwhile. */
    public function state(Request $request, ShoppingPage $page): JsonResponse
    {
        return response()->json(['stamp' => $page->stamp($this->person($request)->home()), 'token' => csrf_token()]);
    }

    public function store(StockRequest $request, TickPurchase $tick): RedirectResponse|JsonResponse
    {
        $person = $this->person($request);
        $written = $tick->handle($person, $request->ulid(), $request->purchase($person), $request->happenedAt($person));
        $message = $written ? null : (string) __('places/cupboard.list.someone');
        if ($request->expectsJson()) {
            return response()->json(['warning' => $message]);
        }
        $back = redirect()->route('shopping')->with('did', $message ?? __('places/cupboard.did.bought'));

        return $written ? $back->with('undo', $request->ulid()) : $back;
    }

    public function text(Request $request, ShoppingTables $tables): Response
    {
        return response($tables->text($this->person($request)->home()), 200, ['Content-Type' => 'text/plain; charset=UTF-8']);
    }

    public function csv(Request $request, ShoppingTables $tables): Response
    {
        return response($tables->csv($this->person($request)->home()), 200, [
            'Content-Type' => 'text/csv; charset=UTF-8',
            'Content-Disposition' => 'attachment; filename="shopping-list.csv"',
        ]);
    }
}
