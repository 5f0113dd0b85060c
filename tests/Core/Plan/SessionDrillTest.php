<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use GoodRinse\Core\Plan\Ahead\SessionDrill;
use Tests\Core\CoreTestCase;

final class SessionDrillTest extends CoreTestCase
{
    public function test_sessions_open_machines_on_fewer_days_and_do_about_the_same(): void
    {
        $drill = new SessionDrill(self::handbook());
        $days = $openings = $jobs = [];
        for ($seed = 1; $seed <= 2; ++$seed) {
            foreach ($drill->household($seed) as $way => $year) {
                $days[$way] = ($days[$way] ?? 0) + $year['days'];
                $openings[$way] = ($openings[$way] ?? 0) + $year['openings'];
                $jobs[$way] = ($jobs[$way] ?? 0) + $year['jobs'];
            }
        }
        self::assertLessThan($days[SessionDrill::EACH], $days[SessionDrill::SUITS]);
        self::assertLessThan($openings[SessionDrill::EACH], $openings[SessionDrill::SUITS]);
        self::assertEqualsWithDelta($jobs[SessionDrill::EACH], $jobs[SessionDrill::SUITS], 0.2 * $jobs[SessionDrill::EACH]);
        self::assertEquals($drill->household(1), (new SessionDrill(self::handbook()))->household(1), 'the same seed, the same year');
    }
}
