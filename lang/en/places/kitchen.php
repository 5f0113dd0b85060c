<?php

declare(strict_types=1);

return [
    'title' => 'Kitchen',
    'none' => 'No machines yet',
    'headline' => '{0} Your machines. Nothing is due today.|{1} Your machines. One needs care today.|[2,*] Your machines. :due need '
        .'care today.',
    'add' => 'Add a machine',
    'tasks' => 'Tasks of your own',
    'cupboard' => 'Cupboard',
    'nowhere' => 'At home',
    'wrong' => 'Being looked into: :what',
];
