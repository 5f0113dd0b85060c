<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** A page with its head and nothing in it, open only while measuring. */
final class BlankController extends Controller
{
    public function __invoke(Request $request, ClockInterface $clock): View
    {
        abort_unless((bool) config('good-rinse.bench'), 404);
        $household = $this->person($request)->home();

        return view('blank', ['household' => $household, 'today' => Day::at($clock->now(), $household->zone())]);
    }
}
