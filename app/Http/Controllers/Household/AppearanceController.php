<?php

declare(strict_types=1);

namespace App\Http\Controllers\Household;

use App\Actions\Household\ChangeAppearance;
use App\Http\Controllers\Controller;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Light, dark, or as the device has it. */
final class AppearanceController extends Controller
{
    public function update(Request $request, ChangeAppearance $change): RedirectResponse
    {
        $request->validate(['appearance' => ['required', Rule::in(ChangeAppearance::CHOICES)]]);
        $change->handle($this->person($request), $request->string('appearance')->toString());

        return redirect()->route('household');
    }
}
