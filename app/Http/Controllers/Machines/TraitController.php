<?php

declare(strict_types=1);

namespace App\Http\Controllers\Machines;

use App\Actions\Machines\RecordTrait;
use App\Http\Controllers\Controller;
use App\Http\Requests\Machines\TraitRequest;
use App\Models\Machine;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;

/** What is seen of a machine, one thing at a time. */
final class TraitController extends Controller
{
    public function update(TraitRequest $request, Machine $machine, RecordTrait $say): RedirectResponse|JsonResponse
    {
        $say->handle($machine, $this->person($request), $request->asked()->id, $request->answer());
        if ($request->expectsJson()) {
            return response()->json(['message' => __('machines.seen')]);
        }
        $round = $machine->rounds()->whereKey($request->string('round')->toString())->first();

        return (null === $round ? redirect()->route('machines.show', $machine) : redirect()->route(
            'rounds.show',
            array_filter([$round, 'step' => $request->string('step')->toString()]),
        ))->with(
            'did',
            __('machines.seen'),
        );
    }
}
