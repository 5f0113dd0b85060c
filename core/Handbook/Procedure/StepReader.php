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
     * @param Scales $scales what parts are compared with
     * @param array<string, string> $defaults what conditions may ask for, with what each stands at
     */
    public function __construct(private Scales $scales, private array $defaults)
    {
    }

    public function step(Node $node): Step
    {
        return new Step(
            id: $node->string('id'),
            title: $node->string('title'),
            instruction: $node->string('instruction'),
            short: $node->string('short'),
            picture: $node->optional('picture'),
            part: $node->optional('part'),
            takesOff: $node->optional('takesOff'),
            putsBack: $node->optional('putsBack'),
            hands: Minutes::of($node->number('hands')),
            kit: $node->flag('kit'),
            needs: $node->at('needs')->strings(),
            tools: $node->at('tools')->strings(),
            cautions: $node->at('cautions')->strings(),
            amounts: array_map($this->amount(...), $node->at('amounts')->items()),
            timer: $node->has('timer') ? $this->timer($node->at('timer')) : null,
            waitsFor: $node->optional('waitsFor'),
            capture: $node->has('capture') ? $this->capture($node->at('capture'), $node->string('title')) : null,
            mustPass: $node->flag('mustPass'),
            marks: $node->optional('marks'),
            clears: $node->has('clears')
                ? new ClearingRule($node->at('clears')->string('vessel'), $node->at('clears')->string('by'))
                : null,
            after: $node->optional('after'),
            inPlaceOf: $node->optional('inPlaceOf'),
            when: $node->condition('when', $this->defaults),
            if: $node->condition('if'),
            observe: $node->at('observe')->strings(),
            gate: $node->flag('gate'),
            fits: $node->optional('fits'),
            asks: $node->at('asks')->strings(),
            tests: $node->at('tests')->strings(),
            putsOut: $node->optional('putsOut'),
            because: $node->has('because')
                ? new ClearingReason($node->at('because')->string('agent'), array_map(
                    static fn (Node $poured): array => [$poured->string('agent'), $poured->string('entry')],
                    $node->at('because')->at('entries')->items(),
                ))
                : null,
            isLast: $node->flag('last'),
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
            label: $node->string('label'),
            usual: $node->number('minutes'),
            by: $node->optional('by'),
            longer: $node->at('longer')->numbers(),
            most: $node->has('most') ? Minutes::of($node->number('most')) : null,
            machine: $node->flag('machine'),
            late: $node->optional('late'),
            ends: $node->optional('ends'),
            choices: $this->choices($node->at('choices')),
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
            id: $node->string('id'),
            kind: $kind,
            ask: $node->optional('ask') ?? $title,
            options: $options,
            means: $node->optional('means'),
            check: $node->optional('check'),
            remedy: $node->at('fail')->optional('then'),
            of: $node->optional('of'),
            count: array_map(
                fn (Node $row): CountRow => new CountRow($row->string('measurement'), $row->condition('when', $this->defaults)),
                $node->at('count')->items(),
            ),
            measurement: $node->optional('measurement') ?? $node->at('counts')->optional('measurement'),
            scale: $node->optional('scale') ?? (CaptureKind::Grade === $kind ? Scales::MESH : null),
            also: $node->has('also') ? $this->also($node->at('also')) : null,
            from: (int) ($node->has('usual') ? $node->number('usual') : ($node->has('counts') ? $node->at('counts')->number('from') : 0)),
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
