<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Checks symptoms, checks, causes and fixes of a machine kind: that what they name exists and the odds add up.
 *
 * @internal to this folder
 */
final readonly class FaultReferences
{
    private const SLACK = 1e-6;

    /** @param array<string, list<string>> $facts what conditions may ask for, with the answers there are */
    public function __construct(private ProblemList $problems, private SharedIds $shared, private string $file, private array $facts)
    {
    }

    /**
     * @param list<string> $parts
     * @param list<string> $tasks
     * @param list<string> $procedures
     */
    public function check(Node $trace, array $parts, array $tasks, array $procedures): void
    {
        $causes = $this->problems->ids($this->file, '/causes', $trace->at('causes'));
        foreach (['symptoms', 'causes', 'checks', 'actions'] as $list) {
            $this->problems->ids($this->file, "/$list", 'causes' === $list ? Node::of([]) : $trace->at($list));
            foreach ($trace->at($list)->items() as $i => $item) {
                $this->problems->condition($this->file, "/$list/$i/when", $item->condition('when'), $this->facts);
                $this->problems->known($this->file, "/$list/$i/part", 'part', [$item->optional('part')], $parts);
                $this->problems->known($this->file, "/$list/$i/task", 'care task', [$item->optional('task')], $tasks);
                $this->problems->known($this->file, "/$list/$i/procedure", 'procedure', [$item->optional('procedure')], $procedures);
                $this->problems->known($this->file, "/$list/$i/tools", 'kit', $item->at('tools')->strings(), $this->shared->kit);
                foreach (['given', 'fixes'] as $odds) {
                    $this->problems->known($this->file, "/$list/$i/$odds", 'cause', array_keys($item->at($odds)->numbers()), $causes);
                }
            }
        }
        foreach ($trace->at('checks')->items() as $i => $check) {
            $this->sums("/checks/$i/results", $check->at('results'), $causes);
            $this->problems->known(
                $this->file,
                "/checks/$i/told",
                'result',
                array_filter([
                    $check->at('asOpened')->optional('shut'),
                    $check->at('asOpened')->optional('open'),
                    $check->at('residue')->optional('result'),
                    ...array_values($check->at('measured')->at('results')->texts()),
                ]),
                array_keys($check->at('results')->byId()),
            );
        }
        $this->accesses($trace);
        $this->fixable($trace, $causes);
    }

    private function accesses(Node $trace): void
    {
        foreach ($trace->at('actions')->items() as $i => $action) {
            foreach ($action->at('tells')->raw() as $trait => $option) {
                $this->problems->known($this->file, "/actions/$i/tells", 'trait', [(string) $trait], array_keys($this->facts));
                $options = $this->facts[$trait] ?? [];
                $this->problems->known($this->file, "/actions/$i/tells/$trait", 'answer', [is_string($option) ? $option : ''], $options);
            }
        }
        $accesses = $this->problems->ids($this->file, '/accesses', $trace->at('accesses'));
        foreach ($trace->at('accesses')->items() as $i => $access) {
            $this->problems->condition($this->file, "/accesses/$i/when", $access->condition('when'), $this->facts);
        }
        $symptoms = array_keys($trace->at('symptoms')->byId());
        foreach (['checks', 'actions'] as $list) {
            foreach ($trace->at($list)->items() as $i => $item) {
                $this->problems->known($this->file, "/$list/$i/for", 'symptom', $item->at('for')->strings(), $symptoms);
                $this->problems->known($this->file, "/$list/$i/needs", 'access', $item->at('needs')->strings(), $accesses);
            }
        }
        foreach ($trace->at('reasoning')->items() as $i => $each) {
            $this->problems->known($this->file, "/reasoning/$i/symptoms", 'symptom', $each->at('symptoms')->strings(), $symptoms);
        }
        $floods = $trace->at('floods');
        $this->problems->known($this->file, '/floods/symptoms', 'symptom', $floods->at('symptoms')->strings(), $symptoms);
        $checks = $trace->at('checks')->byId();
        foreach (['answers', 'not'] as $list) {
            $this->problems->known($this->file, "/floods/$list", 'check', array_keys($floods->at($list)->named()), array_keys($checks));
            foreach ($floods->at($list)->named() as $check => $results) {
                $known = isset($checks[$check]) ? array_keys($checks[$check]->at('results')->byId()) : [];
                $this->problems->known($this->file, "/floods/$list/$check", 'result', $results->strings(), $known);
            }
        }
    }

    /** @param list<string> $causes */
    private function sums(string $pointer, Node $results, array $causes): void
    {
        $this->problems->ids($this->file, $pointer, $results);
        foreach (['', ...$causes] as $cause) {
            $sum = 0.0;
            foreach ($results->items() as $j => $result) {
                $given = $result->at('given')->numbers();
                $sum += $given[$cause] ?? $result->number('else');
                $this->problems->known($this->file, "$pointer/$j/given", 'cause', array_keys($given), $causes);
            }
            if (abs($sum - 1) > self::SLACK) {
                $this->problems->add($this->file, $pointer, sprintf(
                    'the chances %s add up to %s, not 1',
                    '' === $cause ? 'under a cause that is not named' : "under $cause",
                    round($sum, 6),
                ));
            }
        }
    }

    /** @param list<string> $causes */
    private function fixable(Node $trace, array $causes): void
    {
        $fixed = [];
        foreach ($trace->at('actions')->items() as $action) {
            array_push($fixed, ...array_keys(array_filter($action->at('fixes')->numbers())));
        }
        foreach (array_diff($causes, $fixed) as $cause) {
            $this->problems->add($this->file, '/causes/'.array_search($cause, $causes, true), 'no action fixes it');
        }
        $this->hazards($trace);
    }

    /**
     * Where somebody can be hurt, calling somebody is a way out; where something is to be done at once, it is the only one.
     * What a person may put right without that is a procedure, which takes the power before hands go in.
     */
    private function hazards(Node $trace): void
    {
        foreach ($trace->at('causes')->items() as $i => $cause) {
            $kinds = [];
            foreach ($trace->at('actions')->items() as $j => $action) {
                if (($action->at('fixes')->numbers()[$cause->string('id')] ?? 0.0) <= 0) {
                    continue;
                }
                $kinds[] = $action->string('kind');
                if ($cause->flag('hazard') && 'call' !== $action->string('kind') && null === $action->optional('procedure')) {
                    $this->problems->add($this->file, "/actions/$j", 'it deals with something that can hurt, and is no procedure');
                }
            }
            if ($cause->flag('hazard') && !in_array('call', $kinds, true)) {
                $this->problems->add($this->file, "/causes/$i", 'it can hurt somebody, and no call fixes it');
            }
            if (null !== $cause->optional('now') && ['call'] !== array_values(array_unique($kinds))) {
                $this->problems->add($this->file, "/causes/$i", 'something is to be done at once, and more than a call fixes it');
            }
        }
    }
}
