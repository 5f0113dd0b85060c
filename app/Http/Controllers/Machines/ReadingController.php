<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Devices\ImportReadings;
use App\Care\Readers\ImportReader;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\ReadingsRequest;
use App\Models\Machine;
use App\View\Pages\Machines\ReadingsPage;
use GoodRinse\Core\Handbook\Handbook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Counter readings from a table: looked through first, written when confirmed. */
final class ReadingController extends Controller
{
    public function create(Machine $machine, Handbook $handbook): View
    {
        return view('readings.create', ['machine' => $machine, 'kind' => $machine->kindIn($handbook)]);
    }

    public function store(
        ReadingsRequest $request,
        Machine $machine,
        ImportReader $reader,
        ImportReadings $import,
        ReadingsPage $page,
    ): View|RedirectResponse {
        $household = $this->person($request)->home();
        [$file, $series] = $reader->read(
            $machine,
            $household,
            $request->table(),
            $request->boolean('replaced'),
            $request->optionalText('marks'),
            $request->optionalText('order'),
        );
        if (!$request->boolean('sure') || [] === $file->good) {
            return view('readings.preview', $page->for(
                $machine,
                $household,
                $file,
                $request->table(),
                $request->boolean('replaced'),
                $request->ulid(),
                $request->optionalText('marks'),
                $request->optionalText('order'),
            ));
        }
        $written = $import->handle($machine, $this->person($request), $request->ulid(), $file, $series);

        return redirect()->route('machines.show', $machine)->with('did', trans_choice('readings.written', $written, ['count' => $written]));
    }
}
