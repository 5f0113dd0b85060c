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

        $about = $user instanceof User ? [$user->name, $user->email] : [$this->string('email')->toString()];

        return ['password' => PasswordRules::all($about)];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
