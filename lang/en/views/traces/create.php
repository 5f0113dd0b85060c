<?php

declare(strict_types=1);

return [
    'something_is_wrong_with' => 'Something is wrong with',
    'what_points_to_it' => 'What points to it:',
    'what_is_it_doing' => 'What is it doing?',
    'written_down_it_makes_the_job' => 'Once it is written down, the job is due today. When that is done, you are asked '
        .'whether it came from there.',
    'machine' => 'Machine',
    'just_now' => 'just now',
    'held' => 'stayed fixed for',
    'last_time' => 'last time: :last, :last2',
    'write_it_down' => 'Write it down',
    'find_out_why' => 'Find out why',
    'just_write_it_down' => 'Just write it down',
    'where_since_when_how_bad' => 'Where, since when, how bad',
    'where_point_at_it' => 'Where? Point at it.',
    'since' => 'Since',
    'a_picture_of_it' => 'A picture of it',
    'how_bad' => 'How bad?',
];
