<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Support\Shortcuts;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Validator;

/** The single keys a person wants in a round. */
final class ShortcutsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['keys' => ['required', 'array:'.implode(',', array_keys(Shortcuts::DEFAULTS))]];
    }

    /** @return list<\Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $taken = [];
            foreach (array_keys(Shortcuts::DEFAULTS) as $what) {
                $key = $this->input("keys.$what");
                if (!is_string($key) || !Shortcuts::canBe($key)) {
                    $validator->errors()->add("keys.$what", (string) __('places/shortcuts.one'));
                } elseif (isset($taken[mb_strtolower($key)])) {
                    $validator->errors()->add("keys.$what", (string) __('places/shortcuts.twice', ['key' => $key]));
                } else {
                    $taken[mb_strtolower($key)] = $what;
                }
            }
        }];
    }

    /** @return array{on: bool, keys: array<string, string>} as the action takes them */
    public function shortcuts(): array
    {
        return [
            'on' => $this->boolean('on'),
            'keys' => array_map(
                fn (string $what): string => mb_strtolower($this->string("keys.$what")->toString()),
                array_combine(array_keys(Shortcuts::DEFAULTS), array_keys(Shortcuts::DEFAULTS)),
            ),
        ];
    }
}
