<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\KeepDocuments;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\DocumentRequest;
use App\Models\Document;
use App\Models\Machine;
use Illuminate\Http\RedirectResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\HeaderUtils;

/** The papers of a machine, to members of its household only. */
final class DocumentController extends Controller
{
    public function store(DocumentRequest $request, Machine $machine, KeepDocuments $documents): RedirectResponse
    {
        $documents->add(
            $machine,
            $this->person($request),
            $request->ulid(),
            $request->string('kind')->toString(),
            $request->upload(),
        );

        return redirect()->route('machines.parts', $machine)->with('did', __('machines.document_kept'));
    }

    /** To be saved, never to be shown as a page of ours: it is somebody's file. */
    public function show(Document $document): BinaryFileResponse
    {
        abort_unless(is_file($document->path()), 404);

        $plainName = $document->kind.'.'.pathinfo($document->file, PATHINFO_EXTENSION);

        return response()->file($document->path(), [
            'Content-Type' => $document->mime,
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, $document->name, $plainName),
        ]);
    }

    public function destroy(Document $document, KeepDocuments $documents): RedirectResponse
    {
        $documents->remove($document);

        return redirect()->route('machines.parts', $document->machine_id)->with('did', __('machines.document_gone'));
    }
}
