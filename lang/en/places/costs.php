<?php

declare(strict_types=1);

return [
    'title' => 'What care costs',
    'head_none' => 'Nothing has cost anything yet.',
    'head' => 'Care cost :money in :year.',
    'lead' => 'What was poured and fitted counts at the price you paid for it, on the day it was used. What is still in the cupboard '
        .'does not count yet.',
    'by_year' => 'By year',
    'by_task' => 'By task in :year',
    'year' => 'Year',
    'what' => 'What for',
    'sum' => 'In all',
    'kind' => [
        'supplies' => 'Supplies',
        'parts' => 'Parts',
        'calls' => 'Calls',
        'runs' => 'Water and power',
        'waste' => 'Thrown away',
        'time' => 'Your time',
    ],
    'unpriced' => '{1} 1 thing without a price|[2,*] :count things without a price',
    'by_hand' => 'Outside rounds, :machine',
    'elsewhere' => 'For no machine',
    'bought' => 'In :year you bought supplies for :money.',
    'others' => '{1} One purchase in another currency is left out.|[2,*] :count purchases in another currency are left out.',
    'no_runs' => 'Water and power are left out until you say what they cost.',
    'agents' => 'Another acid?',
    'agents_lead' => 'The year ahead with one acid or another. Both take away the same lime in the same time.',
    'agent_task' => '{1} :task, once|{2} :task, twice|[3,*] :task, :count times',
    'agent' => ':agent: :amount, :money',
    'agent_unpriced' => ':agent: :amount, no price yet',
    'saved_title' => 'What you saved',
    'saved' => '{1} You fixed one fault yourself. That saved between :least and :most.'
        .'|[2,*] You fixed :count faults yourself. That saved between :least and :most.',
    'saved_how' => ':count × :fee for a call, less :spent for what was used, is :most. If you would have called for every second '
        .'fault only, it is :least.',
    'worth' => 'Repair or replace',
    'worth_lead' => 'Give what a new one costs, how long such a machine lasts, and how long this one would last once it is repaired. '
        .'What one run takes is on its label; left empty, it counts as machines of its kind usually take.',
    'repairs' => 'Bought :day. Repairs so far: :money.',
    'repairs_undated' => 'Repairs so far: :money.',
    'new_year' => '{1} A new one costs :money a year: it is to last a year.|[0,*] A new one costs :money a year: :price over :years years.',
    'repairs_year' => 'Repairs have cost :money a year so far.',
    'most' => '{1} A repair for up to :money pays if this one then lasts another year.|[0,*] A repair for up to :money pays if this one '
        .'then lasts :years years more.',
    'price' => 'Price of a new one',
    'lasts' => 'Years a new one lasts',
    'left' => 'Years this one has left',
    'litres' => 'Litres of water in one run',
    'power' => 'Kilowatt-hours in one run',
    'prices' => 'Prices',
    'water_price' => 'A cubic metre of water, drain included',
    'power_price' => 'A kilowatt-hour',
    'counts_time' => 'Count your own time, at :money an hour',
    'hour_where' => 'Change the hour’s value',
    'save' => 'Save',
    'did' => 'Saved.',
    'purchases' => 'Bought',
    'receipt' => 'receipt',
    'by_machine' => 'By machine in :year',
];
