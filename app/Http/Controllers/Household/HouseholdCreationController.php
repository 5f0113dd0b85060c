<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\CreateHousehold;
use App\Http\Controllers\Controller;
use App\Http\Requests\Household\HouseholdRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Naming a household for the first time. */
final class HouseholdCreationController extends Controller
{
    public function create(Request $request): View|RedirectResponse
    {
        return null === $this->person($request)->household_id || $request->boolean('another')
            ? view('household.new')
            : redirect()->route('today');
    }

    public function store(HouseholdRequest $request, CreateHousehold $found): RedirectResponse
    {
        $found->handle(
            $this->person($request),
            $request->string('name')->toString(),
            $request->string('timezone')->toString(),
            $request->measures(),
        );

        return redirect()->route('today');
    }
}
