<?php

declare(strict_types=1);

namespace App\Http\Controllers\Measures;

use App\Actions\Measures\RecordGrid;
use App\Actions\Rounds\StorePhoto;
use App\Http\Controllers\Controller;
use App\Http\Requests\Measures\MeshGridRequest;
use App\Http\Requests\Measures\MeshPhotoRequest;
use App\Models\Machine;
use App\Models\Photo;
use App\View\Pages\Measures\MeshPage;
use GoodRinse\Core\Logbook\Payload\Measured\MeshGrid;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Shut cells of a mesh, counted on a picture. */
final class MeshController extends Controller
{
    public function index(Request $request, Machine $machine, MeshPage $page): View
    {
        $data = $page->for($machine, $this->person($request)->home(), null);
        abort_if([] === $data->tasks, 404);

        return view('measures.mesh', $data);
    }

    public function store(MeshPhotoRequest $request, Machine $machine, StorePhoto $store): RedirectResponse
    {
        $photo = $request->photo();
        if (null !== $photo) {
            $store->ofMesh($machine, $this->person($request), $request->ulid(), $photo);
        }

        return redirect()->route('measures.grid.photo', [$machine, $request->ulid()]);
    }

    public function show(Request $request, Machine $machine, Photo $photo, MeshPage $page): View
    {
        abort_unless($photo->machine_id === $machine->id && Photo::MESH === $photo->step, 404);

        return view('measures.mesh', $page->for($machine, $this->person($request)->home(), $photo));
    }

    public function count(MeshGridRequest $request, Machine $machine, Photo $photo, RecordGrid $record): RedirectResponse
    {
        abort_unless($photo->machine_id === $machine->id && Photo::MESH === $photo->step, 404);
        $grid = MeshGrid::over(
            $request->string('task')->toString(),
            $photo->id,
            $photo->width,
            $photo->height,
            $request->string('mask')->toString(),
            $request->shut(),
        );
        $record->handle($machine, $this->person($request), $request->ulid(), $grid, $request->string('means')->toString());

        return redirect()->route('measures.grid', $machine)
            ->with('did', __('measures.grid.kept', ['percent' => $grid->blocked()->percent()]))
            ->with('undo', $request->ulid());
    }
}
