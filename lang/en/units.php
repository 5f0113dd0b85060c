<?php

declare(strict_types=1);

return [
    'days' => ['one' => ':n day', 'many' => ':n days'],
    'loads' => ['one' => ':n load', 'many' => ':n loads'],
    'brews' => ['one' => ':n brew', 'many' => ':n brews'],
    'litres' => ['one' => ':n litre', 'many' => ':n litres'],
    'cooking-hours' => ['one' => ':n cooking hour', 'many' => ':n cooking hours'],
];
