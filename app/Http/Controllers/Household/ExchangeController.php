<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Account\RecordSecurity;
use App\Actions\Household\ImportHousehold;
use App\Exchange\ArchiveReader;
use App\Exchange\ImportRefused;
use App\Exchange\WaitingImport;
use App\Http\Controllers\Controller;
use App\Models\Machine;
use App\View\Exchange\ExportArchive;
use App\View\Exchange\ImportPage;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Taking a household along, and bringing one in. */
final class ExchangeController extends Controller
{
    public function export(Request $request, ExportArchive $archive, RecordSecurity $record): BinaryFileResponse
    {
        $by = $this->person($request);
        $record->handle('exported', $by, $by->home()->name);

        return response()->download($archive->make($by->home(), $by), self::name($by->home()->name))->deleteFileAfterSend();
    }

    public function machine(Request $request, Machine $machine, ExportArchive $archive, RecordSecurity $record): BinaryFileResponse
    {
        $by = $this->person($request);
        $record->handle('exported', $by, $machine->name);

        return response()->download($archive->make($by->home(), $by, $machine), self::name($machine->name))->deleteFileAfterSend();
    }

    public function create(): View
    {
        return view('import.create', ['most' => intdiv(config()->integer('good-rinse.import_max_kilobytes'), 1000)]);
    }

    public function store(Request $request, ArchiveReader $reader, ImportPage $page): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:'.config()->integer('good-rinse.import_max_kilobytes')]]);
        $upload = $request->file('file');
        \assert($upload instanceof \Illuminate\Http\UploadedFile);
        $waiting = WaitingImport::keep($this->person($request), $upload->getRealPath() ?: '');
        try {
            $page->for($waiting->id, $waiting->read($reader), $this->person($request));
        } catch (ImportRefused $e) {
            $waiting->forget();

            return redirect()->route('import')->withErrors(['file' => $e->getMessage()]);
        }

        return redirect()->route('import.show', $waiting->id);
    }

    public function show(Request $request, string $file, ArchiveReader $reader, ImportPage $page): View
    {
        $by = $this->person($request);
        $waiting = WaitingImport::of($by, $file) ?? abort(404);

        return view('import.show', $page->for($waiting->id, $waiting->read($reader), $by));
    }

    public function confirm(Request $request, string $file, ArchiveReader $reader, ImportHousehold $import): RedirectResponse
    {
        $by = $this->person($request);
        $waiting = WaitingImport::of($by, $file) ?? abort(404);
        $request->validate(['me' => ['nullable', 'string', 'max:26'], 'merge' => ['nullable', 'boolean']]);
        $household = $import->handle(
            $waiting->read($reader),
            $by,
            $request->filled('me') ? $request->string('me')->toString() : null,
            $request->boolean('merge'),
        );
        $waiting->forget();

        return redirect()->route('today')->with('did', __('exchange.done', ['name' => $household->name]));
    }

    private static function name(string $what): string
    {
        return 'good-rinse-'.(Str::slug($what) ?: 'household').'-'.date('Y-m-d').'.zip';
    }
}
