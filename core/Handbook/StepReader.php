<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook;

use GoodRinse\Core\Quantity\Minutes;
use GoodRinse\Core\Quantity\Portion;
use GoodRinse\Core\Quantity\PortionUnit;

/**
 * Builds steps from checked data.
 *
 * @internal to this folder
 */
final readonly class StepReader
{
    /**
     * @param list<Option>          $grades   the grades as options, for steps that capture one
     * @param array<string, string> $defaults what conditions may ask for, with what each stands at
     */
    public function __construct(private array $grades, private array $defaults)
    {
    }

    public function step(Node $node): Step
    {
        return new Step(
            $node->string('id'),
            $node->string('title'),
            $node->string('say'),
            $node->string('short'),
            $node->optional('picture'),
            $node->optional('part'),
            $node->optional('takesOff'),
            $node->optional('putsBack'),
            Minutes::of($node->number('hands')),
            $node->flag('kit'),
            $node->at('needs')->strings(),
            $node->at('tools')->strings(),
            $node->at('cautions')->strings(),
            array_map($this->amount(...), $node->at('amounts')->items()),
            $node->has('timer') ? $this->timer($node->at('timer')) : null,
            $node->optional('waitsFor'),
            $node->has('capture') ? $this->capture($node->at('capture'), $node->string('title')) : null,
            $node->flag('mustPass'),
            $node->optional('marks'),
            $node->has('clears') ? new Clears($node->at('clears')->string('vessel'), $node->at('clears')->string('by')) : null,
            $node->optional('after'),
            $node->optional('inPlaceOf'),
            $node->condition('when', $this->defaults),
            $node->condition('if'),
            $node->at('observe')->strings(),
            $node->flag('gate'),
            $node->optional('fits'),
            $node->at('reveals')->strings(),
        );
    }

    private function amount(Node $node): Amount
    {
        foreach (PortionUnit::cases() as $unit) {
            if ($node->has($unit->value)) {
                return new Amount(
                    $node->string('agent'),
                    Portion::of($node->number($unit->value), $unit),
                    $node->string('vessel'),
                    $node->flag('byStrength'),
                    $node->has('strength') ? $node->number('strength') : null,
                );
            }
        }

        throw UnknownEntry::named('amount of', $node->string('agent'));
    }

    private function timer(Node $node): TimerRule
    {
        return new TimerRule(
            $node->string('label'),
            $node->number('minutes'),
            $node->optional('by'),
            $node->at('longer')->numbers(),
            $node->has('most') ? Minutes::of($node->number('most')) : null,
            $node->flag('machine'),
            $node->optional('late'),
        );
    }

    private function capture(Node $node, string $title): Capture
    {
        $kind = CaptureKind::from($node->string('kind'));
        $options = match ($kind) {
            CaptureKind::Grade => $this->grades,
            CaptureKind::Choice => array_map(Option::read(...), $node->at('options')->items()),
            CaptureKind::Confirm => [Option::read($node->at('pass')), Option::read($node->at('fail'))],
            CaptureKind::Tally => [],
        };

        return new Capture(
            $node->string('id'),
            $kind,
            $node->optional('ask') ?? $title,
            $options,
            $node->optional('means'),
            $node->optional('check'),
            $node->at('fail')->optional('then'),
            $node->optional('of'),
            array_map(fn (Node $row): CountRow => new CountRow($row->string('reading'), $row->condition('when', $this->defaults)), $node->at('count')->items()),
            $node->optional('reading') ?? $node->at('counts')->optional('reading'),
            (int) ($node->has('usual') ? $node->number('usual') : ($node->has('counts') ? $node->at('counts')->number('from') : 0)),
        );
    }
}
