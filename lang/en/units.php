<?php

declare(strict_types=1);

return [
    'days' => ['one' => ':n day', 'many' => ':n days'],
    'loads' => ['one' => ':n load', 'many' => ':n loads'],
    'brews' => ['one' => ':n brew', 'many' => ':n brews'],
    'litres' => ['one' => ':n litre', 'many' => ':n litres'],
    'hardness' => ['dH' => '°dH (German degrees)', 'fH' => '°fH (French degrees)', 'gpg' => 'grains per gallon', 'e' => '°e (English degrees)', 'mg/L' => 'mg/L of lime', 'mmol/L' => 'mmol/L'],
    'cooking-hours' => ['one' => ':n cooking hour', 'many' => ':n cooking hours'],
];
