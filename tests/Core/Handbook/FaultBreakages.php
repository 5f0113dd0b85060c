<?php

declare(strict_types=1);

namespace Tests\Core\Handbook;

/** What can be broken about what can hurt somebody. */
trait FaultBreakages
{
    /** @return iterable<string, array{0: string, 1: string, 2: string, 3: string, 4: string}> as BrokenHandbookTest::breakages */
    private static function faults(): iterable
    {
        yield 'a hazard nobody is called for' => [
            'machines/hood/trace.yaml',
            'name: Have duct and fan cleaned, kind: call',
            'name: Have duct and fan cleaned, kind: clean',
            '/causes/4',
            'no call fixes it',
        ];
        yield 'a hazard that a person mends' => [
            'machines/drip-brewer/trace.yaml',
            'fixes: { overfilled: 0.95 }',
            'fixes: { overfilled: 0.95, leaks-inside: 0.1 }',
            '/causes/6',
            'more than a call fixes it',
        ];
        yield 'a hazard that is dealt with offhand' => [
            'machines/dishwasher/trace.yaml',
            'kind: clean, procedure: sump-and-drain, minutes: 28',
            'kind: clean, minutes: 28',
            '/actions/',
            'is no procedure',
        ];
        yield 'something to do at once that leaves it on' => [
            'machines/hood/trace.yaml',
            'hazard: true, now: "Leave it without power. Don\'t use it again before a technician has looked at it."',
            'hazard: true, now: "Mind your fingers."',
            '/causes/',
            'pattern',
        ];
    }
}
