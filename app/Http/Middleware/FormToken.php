<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Checks the token that every form carries. Scripts read it from the form, so no cookie needs to tell it. */
final class FormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
