<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Support\Csv;

/** A table that somebody made, with its columns found by their names or matched by hand. */
final readonly class ImportTable
{
    /**
     * @param list<string> $header as the table has it
     * @param array<string, int|null> $columns place of each column; null where it has none
     * @param array<int, array<string, string>> $lines cells by column, empty where there is none, by the number of the line
     * @param bool $isCut whether it has more lines than are read
     */
    private function __construct(public array $header, public array $columns, public array $lines, public bool $isCut)
    {
    }

    /**
     * @param array<string, list<string>> $called what people call each column, in small letters
     * @param array<string, int|null> $picked columns that somebody has matched; the others go by their names
     * @param int $most lines that are read, the header not counted
     */
    public static function read(string $text, array $called, array $picked, int $most): self
    {
        $rows = Csv::rows($text, $most + 1);
        $header = array_map(static fn (?string $cell): string => trim((string) $cell), array_shift($rows) ?? []);
        $columns = $lines = [];
        foreach ($called as $column => $names) {
            $columns[$column] = $picked[$column] ?? self::place($header, $names);
        }
        foreach (array_slice($rows, 0, $most) as $i => $row) {
            $lines[$i + 2] = array_map(static fn (?int $place): string => trim($row[$place ?? -1] ?? ''), $columns);
        }

        return new self($header, $columns, $lines, count($rows) > $most);
    }

    /** @return list<string> what stands in a column, line by line */
    public function column(string $column): array
    {
        return array_column($this->lines, $column);
    }

    /**
     * @param list<string> $header
     * @param list<string> $names
     */
    private static function place(array $header, array $names): ?int
    {
        foreach ($header as $i => $name) {
            if (in_array(mb_strtolower($name), $names, true)) {
                return $i;
            }
        }

        return null;
    }
}
