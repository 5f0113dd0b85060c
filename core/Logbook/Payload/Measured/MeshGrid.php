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
