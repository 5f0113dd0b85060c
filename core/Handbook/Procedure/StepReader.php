<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Procedure;

use GoodRinse\Core\Handbook\Chemistry\ClearingRule;
use GoodRinse\Core\Handbook\Compiler\Node;
use GoodRinse\Core\Handbook\Machine\Option;
use GoodRinse\Core\Handbook\Scale\Grade;
use GoodRinse\Core\Handbook\Scale\Scales;
use GoodRinse\Core\Handbook\UnknownEntry;
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
     * @param Scales                $scales   what parts are compared with
     * @param array<string, string> $defaults what conditions may ask for, with what each stands at
     */
    public function __construct(private Scales $scales, private array $defaults)
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
            $node->has('clears') ? new ClearingRule($node->at('clears')->string('vessel'), $node->at('clears')->string('by')) : null,
            $node->optional('after'),
            $node->optional('inPlaceOf'),
            $node->condition('when', $this->defaults),
            $node->condition('if'),
            $node->at('observe')->strings(),
            $node->flag('gate'),
            $node->optional('fits'),
            $node->at('asks')->strings(),
            $node->at('tests')->strings(),
            $node->optional('putsOut'),
            $node->has('because')
                ? new ClearingReason($node->at('because')->string('agent'), array_map(
                    static fn (Node $poured): array => [$poured->string('agent'), $poured->string('entry')],
                    $node->at('because')->at('entries')->items(),
                ))
                : null,
            $node->flag('last'),
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
            $node->optional('ends'),
            $this->choices($node->at('choices')),
        );
    }

    private function capture(Node $node, string $title): Capture
    {
        $kind = CaptureKind::from($node->string('kind'));
        $options = match ($kind) {
            CaptureKind::Grade => $this->grades($node),
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
            array_map(
                fn (Node $row): CountRow => new CountRow($row->string('reading'), $row->condition('when', $this->defaults)),
                $node->at('count')->items(),
            ),
            $node->optional('reading') ?? $node->at('counts')->optional('reading'),
            $node->optional('scale') ?? (CaptureKind::Grade === $kind ? Scales::MESH : null),
            $node->has('also') ? $this->also($node->at('also')) : null,
            (int) ($node->has('usual') ? $node->number('usual') : ($node->has('counts') ? $node->at('counts')->number('from') : 0)),
        );
    }

    /** @return list<int|string> minutes, or a name of WaitChoice */
    private function choices(Node $node): array
    {
        return array_values(array_map(
            static fn (mixed $choice): int|string => is_string($choice) ? $choice : (is_numeric($choice) ? (int) $choice : 0),
            $node->raw(),
        ));
    }

    /** @return list<Option> the steps of its scale, and that nobody looked */
    private function grades(Node $node): array
    {
        $grades = array_map(
            static fn (Grade $grade): Option => new Option($grade->id, $grade->name, $grade->look),
            $this->scales->scale($node->optional('scale') ?? Scales::MESH)->grades,
        );

        return $node->has('scale') ? [...$grades, new Option(Capture::UNSEEN, 'I didn’t look', null)] : $grades;
    }

    private function also(Node $node): Capture
    {
        return new Capture(
            $node->string('id'),
            CaptureKind::Choice,
            $node->string('ask'),
            array_map(Option::read(...), $node->at('options')->items()),
        );
    }
}
