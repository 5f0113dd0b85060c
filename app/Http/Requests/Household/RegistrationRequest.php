<?php

declare(strict_types=1);

namespace App\Http\Requests\Household;

use App\Models\User;
use App\Support\PasswordRules;
use App\Support\Scalar;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Somebody's name, e-mail address and password for an account. */
final class RegistrationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['required', 'string', 'email', 'max:190', Rule::unique(User::class)],
            'password' => PasswordRules::all([$this->string('name')->toString(), $this->string('email')->toString()]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email.unique' => (string) __('account.refused.email_taken'), 'email.email' => (string) __('account.no_email')];
    }

    /** A confirmed address is the one that the signed link names, whatever the form says. */
    protected function prepareForValidation(): void
    {
        $email = $this->is('register/confirmed') ? Scalar::text($this->query('email')) : $this->string('email')->toString();
        $this->merge(['email' => mb_strtolower($email)]);
    }
}
