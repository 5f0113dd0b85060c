<?php

declare(strict_types=1);

namespace App\View\Pages\Cupboard;

use App\Care\Cupboard\ShoppingLine;
use App\Care\Cupboard\ShoppingListReader;
use App\Models\Household;
use App\Support\Csv;

/** The shopping list to take along: as plain text, and as a table. */
final readonly class ShoppingTables
{
    public function __construct(private ShoppingListReader $reader)
    {
    }

    public function text(Household $household): string
    {
        [$cupboard, $lines] = $this->reader->of($household);
        $text = '';
        foreach ($lines as $line) {
            $item = ShoppingPage::item($line, $cupboard, $household);
            $text .= ($line->isUnsure ? '[?] ' : '[ ] ')."$item->name, $item->what"
                .implode('', array_map(static fn (string $note): string => "\n    $note", $item->notes))."\n";
        }

        return $text;
    }

    public function csv(Household $household): string
    {
        [$cupboard, $lines] = $this->reader->of($household);
        $rows = array_map(static fn (ShoppingLine $line): array => [
            $line->supply,
            $cupboard->name($line->supply),
            (string) $line->buy->count,
            (string) $line->buy->package->size,
            $cupboard->stocks[$line->supply]->supply->unit->value,
            null === $line->buy->price ? '' : number_format($line->buy->price, 2, '.', ''),
            null === $line->run ? '' : (string) $cupboard->today->plus($line->run->day),
            $line->run->job ?? '',
            $line->isUnsure ? 'look' : 'buy',
        ], $lines);

        return Csv::write(['supply', 'name', 'count', 'package', 'unit', 'price', 'needed_by', 'for', 'what'], $rows);
    }
}
