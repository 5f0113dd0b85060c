<?php

declare(strict_types=1);

return [
    'title' => 'Cupboard',
    'link' => 'Cupboard',
    'head_none' => 'Nothing is kept here yet.',
    'head' => '{0} What there is lasts for the next half year.|{1} One thing runs out in the next half year.'
        .'|[2,*] :Count things run out in the next half year.',
    'head_unknown' => 'Look once what there is.',
    'lead' => 'Every pour of a round takes from here by itself. Say what you bought, or look once how much is left.',
    'to_buy' => 'To buy',
    'to_look' => 'Needed, and nobody has said how much there is',
    'cost' => 'About :cost in all, as far as you have said what things cost.',
    'lasting' => 'What lasts',
    'unknown' => '',
    'level_about' => 'About :amount, give or take :doubt',
    'never_seen' => '',
    'seen' => 'seen :when',
    'lasts' => 'Lasts for the next half year.',
    'lasts_unneeded' => 'Nothing needs it in the next half year.',
    'runs_out' => '{0} Not enough for :job, about :day.|{1} Enough for one more job, not for :job, about :day.'
        .'|[2,*] Enough for :count more jobs, not for :job, about :day.',
    'need' => 'The half year takes :amount.',
    'buy' => 'Buy :count × :package.',
    'buy_for' => 'Buy :count × :package, about :price.',
    'buy_if_none' => 'If there is none: :count × :package.',
    'buy_if_none_for' => 'If there is none: :count × :package, about :price.',
    'what' => ['bought' => 'Bought', 'left' => 'So much is left', 'gone' => 'Thrown away'],
    'write' => 'Bought some, or looked',
    'amount' => 'How much',
    'unit' => 'Counted in',
    'count' => 'How many',
    'price' => 'Price in all',
    'shop' => 'Where',
    'on' => 'When',
    'optional' => 'Price, place and day can stay empty.',
    'supply' => 'What',
    'other' => 'Something else',
    'did' => ['bought' => 'Bought.', 'left' => 'Noted how much is left.', 'gone' => 'Noted that it is gone.'],
    'save' => 'Write it down',
];
