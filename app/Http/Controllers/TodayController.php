<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\View\BodyCache;
use App\View\Pages\Today\TodayPage;
use GoodRinse\Core\Quantity\Day;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;

/** What to do now, and why. */
final class TodayController extends Controller
{
    public function __invoke(Request $request, TodayPage $page, BodyCache $kept, ClockInterface $clock): View
    {
        $home = $this->person($request)->home();

        return view('today', [
            'household' => $home,
            'today' => Day::at($clock->now(), $home->zone()),
            'body' => $kept->of('today', $home, static fn (): View => view('today.body', $page->for($home))),
        ]);
    }
}
