<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\KeepLogin;
use App\Models\User;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Id of the login that this browser is; null where it could not be written down. */
    protected function login(Request $request): ?string
    {
        return KeepLogin::of($request, $this->person($request));
    }

    /** The person behind the request; only pages behind the login ask. */
    protected function person(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
