<?php

declare(strict_types=1);

namespace App\Support;

/** Tables as text, commas between the cells. */
final class Csv
{
    /**
     * @param list<string> $head
     * @param list<list<string>> $lines
     */
    public static function write(array $head, array $lines): string
    {
        $out = fopen('php://temp', 'w+');
        \assert(false !== $out);
        fputcsv($out, $head, escape: '');
        foreach ($lines as $line) {
            // A cell that a table would take for a formula is text.
            fputcsv($out, array_map(static fn (string $cell): string => 1 === preg_match('/^[=+@\t\r-]/', $cell)
                && !is_numeric($cell) ? "'$cell" : $cell, $line), escape: '');
        }
        rewind($out);

        return (string) stream_get_contents($out);
    }

    /**
     * The rows of a table that somebody made: commas, semicolons or tabs between the cells, whichever its first line has most of.
     *
     * @param int $most rows that are read at most
     *
     * @return list<list<string|null>>
     */
    public static function rows(string $text, int $most): array
    {
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = strtok($text, "\n") ?: '';
        $marks = ["\t" => substr_count($first, "\t"), ';' => substr_count($first, ';'), ',' => substr_count($first, ',')];
        arsort($marks);
        $stream = fopen('php://temp', 'w+');
        \assert(false !== $stream);
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (count($rows) <= $most && is_array($row = fgetcsv($stream, null, (string) array_key_first($marks), '"', ''))) {
            if ([null] !== $row) {
                $rows[] = $row;
            }
        }

        return $rows;
    }
}
