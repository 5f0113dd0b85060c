<?php

declare(strict_types=1);

namespace App\Http\Requests\Machines;

use Illuminate\Foundation\Http\FormRequest;

/**
 * Small pieces that the household counts out and in: rows of a name and a number.
 *
 * @phpstan-require-extends FormRequest
 */
trait DescribesPieces
{
    /** @return array<string, list<mixed>> */
    private function pieceRules(): array
    {
        return [
            'more' => ['nullable', 'array', 'max:6'],
            'more.*.name' => ['nullable', 'string', 'max:40'],
            'more.*.count' => ['nullable', 'integer', 'between:0,40'],
        ];
    }

    /** @return array<string, string> */
    private function pieceNames(): array
    {
        return ['more.*.name' => 'piece', 'more.*.count' => 'number'];
    }

    /** @return array<string, int> how many of each, by name; rows without a name or a number are left out */
    public function pieces(): array
    {
        $pieces = [];
        foreach ((array) $this->input('more', []) as $row) {
            $name = is_array($row) && is_string($row['name'] ?? null) ? trim($row['name']) : '';
            $count = is_array($row) && is_numeric($row['count'] ?? null) ? (int) $row['count'] : 0;
            if ('' !== $name && $count > 0) {
                $pieces[$name] = $count;
            }
        }

        return $pieces;
    }
}
