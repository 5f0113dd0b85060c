<?php

declare(strict_types=1);

namespace GoodRinse\Core\Logbook\Payload\Measured;

use GoodRinse\Core\Logbook\Payload\EntryKind;
use GoodRinse\Core\Logbook\Payload\MalformedEntry;
use GoodRinse\Core\Logbook\Payload\Payload;
use GoodRinse\Core\Logbook\PayloadFields;
use GoodRinse\Core\Quantity\Fraction;

/** A picture of a mesh under a grid, with the cells that somebody saw shut. */
final readonly class MeshGrid implements Payload
{
    /** The whole picture is mesh. */
    public const WHOLE = 'whole';

    /** Only what lies in the largest oval of the picture is. */
    public const ROUND = 'round';

    /** Cells across a picture, as wide as a finger on a phone. */
    public const COLUMNS = 8;

    private const LEAST = 2;
    private const MOST = 24;

    /**
     * @param string $task care task of the part
     * @param string $photo id of the picture
     * @param int $columns 2 to 24
     * @param int $rows 2 to 24
     * @param list<int> $outside cells that do not belong to the part, from 0, row by row
     * @param list<int> $shut cells of the part that let no light through
     */
    public function __construct(
        public string $task,
        public string $photo,
        public int $columns,
        public int $rows,
        public array $outside,
        public array $shut,
    ) {
    }

    public static function fromFields(PayloadFields $fields): self
    {
        [$columns, $rows] = [(int) $fields->number('columns'), (int) $fields->number('rows')];
        if (min($columns, $rows) < self::LEAST || max($columns, $rows) > self::MOST) {
            throw MalformedEntry::value(EntryKind::Grid, 'columns');
        }
        $cells = static function (string $key) use ($fields, $columns, $rows): array {
            $cells = array_values(array_unique(array_map(intval(...), $fields->texts($key))));
            foreach ($cells as $cell) {
                if ($cell < 0 || $cell >= $columns * $rows) {
                    throw MalformedEntry::value(EntryKind::Grid, $key);
                }
            }

            return $cells;
        };
        $outside = $cells('outside');
        $shut = $cells('shut');
        if ([] !== array_intersect($outside, $shut) || count($outside) === $columns * $rows) {
            throw MalformedEntry::value(EntryKind::Grid, 'outside');
        }

        return new self($fields->text('task'), $fields->text('photo'), $columns, $rows, $outside, $shut);
    }

    /**
     * A grid over a picture, its cells nearly square.
     *
     * @param int $width of the picture, above 0
     * @param int $height of the picture, above 0
     * @param string $mask WHOLE or ROUND
     * @param list<int> $shut cells that somebody tapped; those off the mesh do not count
     */
    public static function over(string $task, string $photo, int $width, int $height, string $mask, array $shut): self
    {
        $rows = self::rowsFor($width, $height);
        $outside = self::outside($rows, $mask);
        $cells = range(0, self::COLUMNS * $rows - 1);

        return new self(
            $task,
            $photo,
            self::COLUMNS,
            $rows,
            $outside,
            array_values(array_diff(array_intersect($cells, $shut), $outside)),
        );
    }

    /** Rows of a picture's grid. */
    public static function rowsFor(int $width, int $height): int
    {
        return max(self::LEAST, min(self::MOST, (int) round(self::COLUMNS * $height / max(1, $width))));
    }

    /** @return list<int> cells whose middle lies off the mesh */
    public static function outside(int $rows, string $mask): array
    {
        $outside = [];
        for ($cell = 0; self::ROUND === $mask && $cell < self::COLUMNS * $rows; ++$cell) {
            $x = (2 * ($cell % self::COLUMNS) + 1) / self::COLUMNS - 1;
            $y = (2 * intdiv($cell, self::COLUMNS) + 1) / $rows - 1;
            if ($x ** 2 + $y ** 2 > 1.0) {
                $outside[] = $cell;
            }
        }

        return $outside;
    }

    /** Share of the part's cells that are shut, 0 to 1. */
    public function blocked(): Fraction
    {
        return Fraction::of(count($this->shut) / ($this->columns * $this->rows - count($this->outside)));
    }

    public function kind(): EntryKind
    {
        return EntryKind::Grid;
    }

    public function toArray(): array
    {
        return [
            'task' => $this->task,
            'photo' => $this->photo,
            'columns' => $this->columns,
            'rows' => $this->rows,
            'outside' => implode(',', $this->outside),
            'shut' => implode(',', $this->shut),
        ];
    }
}
