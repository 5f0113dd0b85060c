<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Http\Controllers\Controller;
use App\Models\Machine;
use App\Support\Pdf;
use App\View\Pages\Machines\DoorCardPage;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** The card that hangs inside a cupboard door. */
final class DoorCardController extends Controller
{
    public function show(Request $request, Machine $machine, DoorCardPage $page, Pdf $pdf): Response
    {
        return $pdf->page(
            view('cards.door', $page->for($machine, $this->person($request)->home())),
            Str::slug($machine->name).'-door-card.pdf',
        );
    }
}
