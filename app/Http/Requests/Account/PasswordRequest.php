<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Models\User;
use App\Support\PasswordRules;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A new password. */
final class PasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $user = $this->user();

        return ['password' => self::fits($user instanceof User ? [$user->name, $user->email] : [$this->string('email')->toString()])];
    }

    /**
     * @param list<string> $about what the person is called here
     *
     * @return list<mixed>
     */
    public static function fits(array $about): array
    {
        return ['required', 'string', Password::defaults(), new PasswordRules($about)];
    }

    public function password(): string
    {
        return $this->string('password')->toString();
    }
}
