<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\Account\ChangeShortcuts;
use App\Http\Controllers\Controller;
use App\Http\Requests\Account\ShortcutsRequest;
use Illuminate\Http\RedirectResponse;

/** The single keys of a round. */
final class ShortcutsController extends Controller
{
    public function update(ShortcutsRequest $request, ChangeShortcuts $change): RedirectResponse
    {
        $change->handle($this->person($request), $request->shortcuts());

        return redirect()->route('account')->with('did', (string) __('places/shortcuts.kept'));
    }
}
