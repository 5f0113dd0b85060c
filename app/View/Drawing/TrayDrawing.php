<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\View\Pages\Rounds\TrayPiece;

/** Where things lie in the drawn tray: the first taken off at the bottom, each with its small pieces and its way round. */
final readonly class TrayDrawing
{
    private const WIDTH = 236;
    private const LINE = 17;
    private const LONGEST_LINE = 25;
    private const HEADS = 10;

    /**
     * @param list<array{piece: TrayPiece, number: int, y: int, height: int, lines: list<string>, heads: int}> $rows
     * @param int $height of the whole drawing
     */
    private function __construct(public array $rows, public int $height, public int $width = self::WIDTH)
    {
    }

    /** @param list<TrayPiece> $pieces in the order they came off */
    public static function of(array $pieces): self
    {
        $rows = [];
        $y = 10;
        foreach (array_reverse($pieces, true) as $i => $piece) {
            $lines = self::wrapped(implode(', ', $piece->along));
            array_push($lines, ...self::wrapped($piece->way ?? ''));
            $heads = min(self::HEADS, $piece->fasteners);
            $height = max(48, 30 + ($heads > 0 ? 20 : 0) + self::LINE * count($lines));
            $rows[] = ['piece' => $piece, 'number' => $i + 1, 'y' => $y, 'height' => $height, 'lines' => $lines, 'heads' => $heads];
            $y += $height + 6;
        }

        return new self($rows, $y + 14);
    }

    /** @return list<string> */
    private static function wrapped(string $text): array
    {
        return '' === $text ? [] : explode("\n", wordwrap($text, self::LONGEST_LINE));
    }
}
