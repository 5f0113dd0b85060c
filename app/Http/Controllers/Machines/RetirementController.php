<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\RetireMachine;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\RetireRequest;
use App\Models\Machine;
use App\Support\Pdf;
use App\View\Pages\Machines\ServiceRecordPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** A machine leaves the kitchen, with its papers, or comes back. */
final class RetirementController extends Controller
{
    public function create(Request $request, Machine $machine, ServiceRecordPage $page): View
    {
        return view('machines.retire', $page->about($machine, $this->person($request)->home()));
    }

    public function store(RetireRequest $request, Machine $machine, RetireMachine $retire): RedirectResponse
    {
        $retire->handle($machine, $request->how(), $request->day());
        if ('replaced' === $request->how()) {
            return redirect()->route('machines.create', ['kind' => $machine->kind])
                ->with('did', (string) __('places/retired.now_the_new', ['name' => $machine->name]));
        }

        return redirect()->route('kitchen')->with('did', (string) __('places/retired.done', ['name' => $machine->name]));
    }

    public function destroy(Machine $machine, RetireMachine $retire): RedirectResponse
    {
        $retire->restore($machine);

        return redirect()->route('machines.show', $machine)
            ->with('did', (string) __('places/retired.restored', ['name' => $machine->name]));
    }

    /** Everything that was done to the machine, to hand over with it. */
    public function record(Request $request, Machine $machine, ServiceRecordPage $page, Pdf $pdf): Response
    {
        return $pdf->page(
            view('machines.service-record', $page->for($machine, $this->person($request)->home())),
            Str::slug($machine->name).'-service-record.pdf',
        );
    }
}
