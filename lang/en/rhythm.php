<?php

declare(strict_types=1);

return [
    'table' => [
        'unseen' => 'not checked',
        'found' => ':grade, :percent %',
        'symptom' => ':grade, :percent % (from a symptom)',
        'unopened' => 'not checked',
    ],
    'mark' => [
        'ungraded' => 'done, nothing graded',
        'symptom' => ':grade, from a symptom',
        'found' => ':grade found',
        'left' => ', left :grade',
    ],
    'openings' => '{1} one check|[2,*] :count checks',
    'chart' => '{0} :name over a year: no check in the last nine months; the interval is a line. The table below says the same.|'
        .'{1} :name over a year: one check in the last nine months, a link, with the interval as a line. The table below says the same.|'
        .'[2,*] :name over a year: :count checks in the last nine months, each a link, with the interval as a line. The table below '
        .'says the same.',
    'start' => 'It started from :school, :base',
    'start_picked' => ', as you picked',
    'start_for' => ', which fits how you use it (:habits)',
    'start_rate' => '; at :weekly a week that is :other.',
    'start_off' => 'It has no schedule (:school); a light or something you notice can still make it due.',
    'start_water' => 'It started from the hardness of your water: :litres :unit × :mg ÷ :hard mg/L, kept between :least and :most :unit. '
        .'At :own :unit each, that is :start (common practice is :usual)',
    'start_water_guess' => 'Your water hardness isn’t known, so it started from the usual :hard mg/L: :litres :unit, kept between :least '
        .'and :most :unit. At :own :unit each, that is :start (common practice is :usual)',
    'since' => 'since :day', 'since_known' => 'since it came into your kitchen',
    'step_found' => ':grade (:percent % blocked) after :uses. Foulings: :foulings − :left left before = :added',
    'step_symptom' => 'a symptom came from it, so it counts as :grade (:percent % blocked) after :uses. Foulings: :foulings − :left left '
        .'before = :added',
    'step_measured' => '. It was counted, so it weighs :weight times a look',
    'step_sum' => ':beta ÷ :alpha = :evidence',
    'what' => [
        'bounds' => 'Start and bounds',
        'interval' => 'Current interval',
        'window' => 'Window',
        'wear' => 'Worn so far',
        'rate' => 'A day',
        'away' => 'Paused',
        'due' => 'Day',
    ],
    'sum_bounds' => ':start to begin with; never below :least or above :most',
    'sum_interval' => ':interval (sums: :beta uses ÷ :alpha foulings, where the start counts as :weight of a check by now, within the '
        .'limits above)',
    'sum_window' => 'between :earliest and :latest: where the belief Gamma(:alpha, :beta) puts :low % and :high %',
    'sum_wear' => ':left left in place + :ran ÷ :n = :wear (:elapsed :since)',
    'sum_rate_counted' => ':perday, as counted lately; a count of 30 days ago weighs half',
    'sum_rate_said' => ':perday, as you entered it; after two weeks of counting, the counts take its place',
    'sum_away' => 'days with nobody at home, left out: :away',
    'sum_due' => '(1 − :wear) × :n ÷ :rate = :days (days from today): :day',
    'sum_due_past' => 'it reached 1 on :day',
    'sum_due_none' => 'there is no date',
];
