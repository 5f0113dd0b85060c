<?php

declare(strict_types=1);

return [
    'when' => [
        'today' => 'today',
        'tomorrow' => 'tomorrow',
        'yesterday' => 'yesterday',
        'in' => 'in :days days',
        'ago' => ':days days ago',
    ],
    'days' => ['one' => ':n day', 'many' => ':n days'],
    'loads' => ['one' => ':n load', 'many' => ':n loads'],
    'brews' => ['one' => ':n brew', 'many' => ':n brews'],
    'meals' => ['one' => ':n meal', 'many' => ':n meals'],
    'litres' => ['one' => ':n litre', 'many' => ':n litres'],
    'gallons' => ['one' => ':n gallon', 'many' => ':n gallons'],
    'portions' => [
        'ml' => 'millilitres',
        'g' => 'grams',
        'pieces' => 'pieces',
        'cup' => 'cups',
        'tbsp' => 'tablespoons',
        'tsp' => 'teaspoons',
        'floz' => 'fluid ounces',
        'oz' => 'ounces by weight',
    ],
    'pieces' => '{1} :count piece|[0,*] :count pieces',
    'money' => ':amount in your money',
    'names' => ['cooking-hours' => 'cooking hours', 'litres' => 'litres'],
    'small' => [1 => 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'],
    'hardness' => [
        'dH' => '°dH, German',
        'fH' => '°fH, French',
        'gpg' => 'grains/gallon',
        'e' => '°e, English',
        'mg/L' => 'mg/L',
        'mmol/L' => 'mmol/L',
    ],
    'cooking-hours' => ['one' => ':n cooking hour', 'many' => ':n cooking hours'],
];
