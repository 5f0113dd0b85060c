<?php

declare(strict_types=1);

return [
    // How days and times are written: patterns of ICU, whose names of days and months are those of this language.
    'patterns' => [
        'day' => 'd MMMM',
        'day_year' => 'd MMMM y',
        'weekday' => 'EEE d MMMM',
        'long_weekday' => 'EEEE d MMMM',
        'long_weekday_year' => 'EEEE d MMMM y',
        'short' => 'd MMM',
        'short_year' => 'd MMM y',
        'month' => 'LLL',
        'name_of_day' => 'cccc',
        'time' => 'HH:mm',
        'day_time' => 'd MMMM, HH:mm',
    ],
    'when' => [
        'today' => 'today',
        'tomorrow' => 'tomorrow',
        'yesterday' => 'yesterday',
        'in' => 'in :count day|in :count days',
        'ago' => ':count day ago|:count days ago',
    ],
    'counted' => [
        'days' => ':n day|:n days',
        'loads' => ':n load|:n loads',
        'brews' => ':n brew|:n brews',
        'pots' => ':n pot|:n pots',
        'cups' => ':n cup|:n cups',
        'boils' => ':n boil|:n boils',
        'shots' => ':n shot|:n shots',
        'meals' => ':n meal|:n meals',
        'litres' => ':n litre|:n litres',
        'gallons' => ':n gallon|:n gallons',
        'cooking-hours' => ':n cooking hour|:n cooking hours',
    ],
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
    'or' => ' or ',
    'and' => ' and ',
    'money' => ':amount in your currency',
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
];
