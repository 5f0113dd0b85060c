<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Models\User;
use App\Support\PasswordRules;
use Illuminate\Foundation\Http\FormRequest;

/** A new password. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return ['password' => PasswordRules::all($user instanceof User ? [$user->name, $user->email] : [$this->string('email')->toString()])];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
