<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/**
 * Reads a table of counter readings: comma-separated text with a header of "when" and either "total" or "uses".
 *
 * "when" is a day or a day and a time on the household's clock, or a moment with its offset, or Unix seconds; how days
 * and numbers are written is told from the whole table.
 */
final readonly class ReadingsFile
{
    public const TOTAL = 'total';
    public const USES = 'uses';
    private const MOST_LINES = 20000;
    private const EARLIEST = 631152000; // 1990
    private const LARGEST = 1e9;

    /**
     * @param string $column TOTAL or USES
     * @param array<int, array{\DateTimeImmutable, float}> $good time and number, by the number of the line
     * @param array<int, array{string, array<string, string>}> $bad what is wrong, as the key of a sentence with its
     *     values, by the number of the line
     * @param list<string> $asks what the table does not tell, as TableFormat names it; nothing is good until somebody
     *     says
     */
    private function __construct(public string $column, public array $good, public array $bad, public array $asks = [])
    {
    }

    /**
     * @param string|null $marks as in TableFormat, where somebody has said
     * @param string|null $order the same
     *
     * @return self nothing in it is both good and bad; a header that cannot be read is line 1, bad
     */
    public static function read(
        string $text,
        \DateTimeZone $zone,
        \DateTimeImmutable $now,
        ?string $marks = null,
        ?string $order = null,
    ): self {
        $lines = preg_split('/\r\n|\n|\r/', preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? '') ?: [];
        $separator = self::separator($lines[0] ?? '');
        $cells = static fn (string $line): array => array_map(
            static fn (?string $cell): string => trim((string) $cell),
            str_getcsv($line, $separator, '"', ''),
        );
        $header = array_map(mb_strtolower(...), $cells($lines[0] ?? ''));
        $when = array_search('when', $header, true);
        $column = in_array(self::TOTAL, $header, true) ? self::TOTAL : self::USES;
        $number = array_search($column, $header, true);
        if (false === $when || false === $number) {
            return new self($column, [], [1 => ['header', []]]);
        }
        $rows = $bad = [];
        foreach (array_slice($lines, 1, null, true) as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            if (count($rows) >= self::MOST_LINES) {
                $bad[$i + 1] = ['too-many', ['most' => (string) self::MOST_LINES]];
                break;
            }
            $row = $cells($line);
            $rows[$i + 1] = [$row[$when] ?? '', $row[$number] ?? ''];
        }
        $format = TableFormat::of(array_column($rows, 0), array_column($rows, 1), $marks, $order);
        if ([] !== $format->asks) {
            return new self($column, [], $bad, $format->asks);
        }
        $good = $times = [];
        foreach ($rows as $line => [$day, $count]) {
            $read = self::line($day, $count, $format, $zone, $now, $times);
            if (is_array($read[1])) {
                $bad[$line] = [$read[0], $read[1]];
            } else {
                $good[$line] = $read;
                $times[$read[0]->getTimestamp()] = $line;
            }
        }

        return new self($column, $good, $bad);
    }

    /**
     * The same without what repeats, or contradicts, readings that are already known or lines that were before them in
     * time: the order of the lines is no matter.
     *
     * @param list<array{\DateTimeImmutable, float}> $known of the same counter, oldest first
     * @param float $most uses a day that the machine can make, in what is counted, above 0
     * @param bool $replaced whether the table is of another counter, or of several after each other
     */
    public function against(array $known, float $most, bool $replaced = false): self
    {
        $good = $this->good;
        $bad = $this->bad;
        uasort($good, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $last = null;
        foreach ($good as $line => [$at, $number]) {
            [$before, $after] = [$last, null];
            foreach ($known as [$time, $other]) {
                if ($time == $at && $other === $number) {
                    unset($good[$line]);
                    $bad[$line] = ['there', []];
                    continue 2;
                }
                if ($time > $at) {
                    $after ??= new MeterReading($time, $other);
                } elseif (null === $before || $time >= $before->at) {
                    $before = new MeterReading($time, $other);
                }
            }
            if (self::TOTAL !== $this->column) {
                continue;
            }
            $reading = new MeterReading($at, $number);
            $judged = $replaced
                && null !== $before
                && $number < $before->total ? MeterVerdict::Taken : $reading->judge($before, $replaced ? null : $after, $most);
            if (MeterVerdict::Taken !== $judged) {
                unset($good[$line]);
                $bad[$line] = [
                    $judged->value,
                    ['total' => self::plain($number), 'before' => self::plain($before->total ?? $after->total ?? 0.0)],
                ];
                continue;
            }
            $last = $reading;
        }
        ksort($bad);
        ksort($good);

        return new self($this->column, $good, $bad, $this->asks);
    }

    /**
     * @param array<int, int> $times lines before, by their Unix time
     *
     * @return array{\DateTimeImmutable, float}|array{string, array<string, string>}
     */
    private static function line(
        string $when,
        string $number,
        TableFormat $format,
        \DateTimeZone $zone,
        \DateTimeImmutable $now,
        array $times,
    ): array {
        $moment = $format->moment($when, $zone);
        if (null === $moment || $moment[0]->getTimestamp() < self::EARLIEST) {
            return ['no-time', ['when' => mb_substr($when, 0, 40)]];
        }
        $at = $moment[1] ? $moment[0] : min($moment[0], max($now, $moment[0]->setTime(0, 0)));
        if ($at > $now) {
            return ['future', ['when' => $when]];
        }
        $count = $format->number($number);
        if (null === $count || $count > self::LARGEST) {
            return ['no-number', ['number' => mb_substr($number, 0, 40)]];
        }
        $other = $times[$at->getTimestamp()] ?? null;

        return null === $other ? [$at, $count] : ['twice', ['line' => (string) $other]];
    }

    private static function separator(string $header): string
    {
        return str_contains($header, ';') ? ';' : (str_contains($header, "\t") ? "\t" : ',');
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 3, '.', ''), '0'), '.');
    }
}
