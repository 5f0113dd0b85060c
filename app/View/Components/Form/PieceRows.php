<?php

declare(strict_types=1);

namespace App\View\Components\Form;

use Illuminate\View\Component;

/** Small pieces by name and number; empty rows are left out. */
final class PieceRows extends Component
{
    /** @var list<array{name: string, count: string}> as typed before, else as known with some rows to fill */
    public readonly array $rows;

    /** @param array<string, int> $pieces count by name */
    public function __construct(array $pieces = [], int $blank = 2)
    {
        $typed = old('more');
        $this->rows = is_array($typed)
            ? array_values(array_map(self::typed(...), $typed))
            : [...array_map(
                static fn (string $name, int $count): array => ['name' => $name, 'count' => (string) $count],
                array_keys($pieces),
                array_values($pieces),
            ), ...array_fill(0, $blank, ['name' => '', 'count' => ''])];
    }

    /** @return array{name: string, count: string} */
    private static function typed(mixed $row): array
    {
        $name = is_array($row) ? $row['name'] ?? '' : '';
        $count = is_array($row) ? $row['count'] ?? '' : '';

        return ['name' => is_string($name) ? $name : '', 'count' => is_scalar($count) ? (string) $count : ''];
    }

    public function render(): string
    {
        return 'components.form.piece-rows';
    }
}
