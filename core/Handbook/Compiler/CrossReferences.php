<?php

declare(strict_types=1);

namespace GoodRinse\Core\Handbook\Compiler;

/**
 * Checks what a schema cannot see: that everything named exists, ids are not used twice, odds add up, and
 * whatever a procedure takes off a machine it puts back on the same machines.
 *
 * @internal to this folder
 */
final class CrossReferences
{
    /** @return list<Problem> */
    public function check(Node $handbook): array
    {
        $problems = new ProblemList();
        $shared = (new SharedReferences($problems))->check($handbook);
        $procedures = [];
        foreach ($handbook->at('kinds')->items() as $kind) {
            (new KindReferences($problems, $shared))->check($kind);
            SafetyReferences::of($problems, $handbook)->check($kind);
            array_push($procedures, ...array_keys($kind->at('procedures')->byId()));
        }
        $kinds = array_map(static fn (Node $kind): string => $kind->at('kind')->string('id'), $handbook->at('kinds')->items());
        $problems->ids('schools.yaml', '', $handbook->at('schools'));
        foreach ($handbook->at('schools')->items() as $i => $question) {
            $sides = $problems->ids('schools.yaml', "/$i/schools", $question->at('schools'));
            $problems->known('schools.yaml', "/$i/default", 'school', [$question->string('default')], $sides);
            $problems->known('schools.yaml', "/$i/kinds", 'machine kind', $question->at('kinds')->strings(), $kinds);
            $problems->known('schools.yaml', "/$i/procedures", 'procedure', $question->at('procedures')->strings(), $procedures);
        }

        return $problems->all();
    }
}
