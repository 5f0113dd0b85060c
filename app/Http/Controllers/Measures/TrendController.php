<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Care\Measures\SeriesReader;
use App\Http\Controllers\Controller;
use App\Models\Machine;
use App\View\BodyCache;
use App\View\Pages\Measures\TrendsPage;
use GoodRinse\Core\Measure\Point;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Everything that is measured on a machine, over the years. */
final class TrendController extends Controller
{
    public function show(Request $request, Machine $machine, TrendsPage $page, BodyCache $kept): View
    {
        $home = $this->person($request)->home();
        $years = TrendsPage::years($request->integer('years'));

        return view('measures.trends', [
            'machine' => $machine,
            'body' => $kept->of("measures.$machine->id.$years", $home, static fn (): View => view(
                'measures.trends-body',
                $page->for($machine, $home, $years),
            )),
            'pair' => $page->pair($machine),
        ]);
    }

    /** One series as a table: time in UTC, figure, unit. */
    public function table(Request $request, Machine $machine, string $series, SeriesReader $reader, ClockInterface $clock): StreamedResponse
    {
        $found = $reader->all($machine, $this->person($request)->home(), $clock->now())[$series] ?? abort(404);
        $rows = array_map(static fn (Point $point): array => [
            $point->at->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
            round($point->value, 4),
            $found->unit,
        ], $found->points);

        return response()->streamDownload(static function () use ($rows): void {
            $out = fopen('php://output', 'w');
            if (false !== $out) {
                foreach ([['time', 'value', 'unit'], ...$rows] as $row) {
                    fputcsv($out, $row, escape: '');
                }
            }
        }, "$machine->kind-$found->id.csv", ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
