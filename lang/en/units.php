<?php

declare(strict_types=1);

return [
    'days' => '{1} :n day|[2,*] :n days',
    'loads' => '{1} :n load|[2,*] :n loads',
    'brews' => '{1} :n brew|[2,*] :n brews',
    'litres' => '{1} :n litre|[2,*] :n litres',
    'cooking-hours' => '{1} :n cooking hour|[2,*] :n cooking hours',
];
