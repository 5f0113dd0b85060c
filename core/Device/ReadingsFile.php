<?php

declare(strict_types=1);

namespace GoodRinse\Core\Device;

/**
 * Reads a table of counter readings: comma-separated text with a header of "when" and either "total" or "uses".
 *
 * "when" is a day (YYYY-MM-DD) or a day and a time (YYYY-MM-DD HH:MM) on the household's clock.
 */
final readonly class ReadingsFile
{
    public const TOTAL = 'total';
    public const USES = 'uses';
    private const MOST_LINES = 5000;
    private const LARGEST = 1e9;

    /**
     * @param string                                           $column TOTAL or USES
     * @param array<int, array{\DateTimeImmutable, float}>     $good   time and number, by the number of the line
     * @param array<int, array{string, array<string, string>}> $bad    what is wrong, as the key of a sentence with its values, by the number of the line
     */
    private function __construct(public string $column, public array $good, public array $bad)
    {
    }

    /**
     * @param bool $replaced whether a lower total begins a new counter instead of being wrong
     *
     * @return self nothing in it is both good and bad; a header that cannot be read is line 1, bad
     */
    public static function read(string $text, \DateTimeZone $zone, \DateTimeImmutable $now, bool $replaced = false): self
    {
        $lines = preg_split('/\r\n|\n|\r/', preg_replace('/^\xEF\xBB\xBF/', '', $text) ?? '') ?: [];
        $header = array_map(static fn (?string $cell): string => mb_strtolower(trim((string) $cell)), str_getcsv($lines[0] ?? '', self::separator($lines[0] ?? ''), '"', ''));
        $when = array_search('when', $header, true);
        $column = in_array(self::TOTAL, $header, true) ? self::TOTAL : self::USES;
        $number = array_search($column, $header, true);
        if (false === $when || false === $number) {
            return new self($column, [], [1 => ['header', []]]);
        }
        $good = $bad = [];
        $highest = null;
        $times = [];
        foreach (array_slice($lines, 1, null, true) as $i => $line) {
            if ('' === trim($line)) {
                continue;
            }
            if (count($good) + count($bad) >= self::MOST_LINES) {
                $bad[$i + 1] = ['too-many', ['most' => (string) self::MOST_LINES]];
                break;
            }
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), str_getcsv($line, self::separator($lines[0]), '"', ''));
            $read = self::line($cells[$when] ?? '', $cells[$number] ?? '', $zone, $now, $times);
            if (is_array($read[1])) {
                $bad[$i + 1] = [$read[0], $read[1]];
            } elseif (self::TOTAL === $column && !$replaced && null !== $highest && $read[1] < $highest[1] && $read[0] >= $highest[0]) {
                $bad[$i + 1] = ['backwards', ['total' => self::plain($read[1]), 'before' => self::plain($highest[1])]];
            } else {
                $good[$i + 1] = $read;
                $times[$read[0]->getTimestamp()] = $i + 1;
                $highest = null === $highest || $read[0] >= $highest[0] ? $read : $highest;
            }
        }

        return new self($column, $good, $bad);
    }

    /**
     * The same with what contradicts, or repeats, readings that are already known.
     *
     * @param list<array{\DateTimeImmutable, float}> $known    of the same counter, oldest first
     * @param bool                                   $replaced whether the table is of another counter
     */
    public function against(array $known, bool $replaced = false): self
    {
        $good = $this->good;
        $bad = $this->bad;
        foreach ($good as $line => [$at, $number]) {
            [$before, $after] = [null, null];
            foreach ($known as [$time, $other]) {
                if ($time == $at && $other === $number) {
                    unset($good[$line]);
                    $bad[$line] = ['there', []];
                    continue 2;
                }
                if ($time <= $at) {
                    $before = new CounterReading($time, $other);
                } else {
                    $after ??= new CounterReading($time, $other);
                }
            }
            if (self::TOTAL === $this->column && !$replaced && Judgement::Backwards === (new CounterReading($at, $number))->judge($before, $after)) {
                unset($good[$line]);
                $bad[$line] = ['contradicts', ['total' => self::plain($number), 'before' => self::plain($before->total ?? $after->total ?? 0.0)]];
            }
        }
        ksort($bad);

        return new self($this->column, $good, $bad);
    }

    /**
     * @param array<int, int> $times lines before, by their Unix time
     *
     * @return array{\DateTimeImmutable, float}|array{string, array<string, string>}
     */
    private static function line(string $when, string $number, \DateTimeZone $zone, \DateTimeImmutable $now, array $times): array
    {
        if (1 !== preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::\d\d)?)?$/D', $when, $part) || !checkdate((int) $part[2], (int) $part[3], (int) $part[1]) || (int) ($part[4] ?? 0) > 23 || (int) ($part[5] ?? 0) > 59) {
            return ['no-time', ['when' => mb_substr($when, 0, 40)]];
        }
        $at = new \DateTimeImmutable(sprintf('%s-%s-%s %s:%s:00', $part[1], $part[2], $part[3], $part[4] ?? '12', $part[5] ?? '00'), $zone);
        $at = isset($part[4]) ? $at : min($at, max($now, $at->setTime(0, 0)));
        if ($at > $now) {
            return ['future', ['when' => $when]];
        }
        if ((int) $part[1] < 1990) {
            return ['no-time', ['when' => $when]];
        }
        $dotted = str_replace(',', '.', $number);
        if (1 !== preg_match('/^\d{1,12}(\.\d{1,6})?$/D', $dotted) || (float) $dotted > self::LARGEST) {
            return ['no-number', ['number' => mb_substr($number, 0, 40)]];
        }
        $other = $times[$at->getTimestamp()] ?? null;

        return null === $other ? [$at, (float) $dotted] : ['twice', ['line' => (string) $other]];
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
