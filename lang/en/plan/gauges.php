<?php

declare(strict_types=1);

return [

    'must-haves' => 'Must-haves',
    'money' => 'Money',
    'room' => 'Room',
    'flags' => 'Flags',

    'filled' => ':filled of :asked',
    'all-filled' => 'Nothing is missing.',
    'missing' => 'Missing: :names',
    'and-more' => ':names and :more more',

    'of-budget' => 'of :budget',
    'no-budget' => 'no budget set',
    'currency' => ':currency, :budget',
    'left' => ':left left, shipping gift included',
    'over' => ':over over the budget',
    'with-gift' => ':gift of it is the shipping gift',
    'without-price' => ':count without a price',
    'to-buy' => ':count still to buy',
    'counted' => ':says: :names',
    'all-but-bought' => '{1} Nothing is missing from the plan; 1 is still to buy.|[2,*] Nothing is missing from the '
        .'plan; :count are still to buy.',
    'lacking' => ['one' => ':name', 'several' => ':name (:count)', 'more' => ':name (:count more)'],
    'then' => 'With that about :low to :high in all.',
    'then-one' => 'With that about :low in all.',
    'then-over' => 'That is over the budget.',
    'then-may-be-over' => 'That may be over the budget.',
    'then-without' => '{1} For 1 of these nobody knows a price.|[2,*] For :count of these nobody knows a price.',
    'short-over' => ':total, over',
    'short-from' => 'from :total',

    'all-clear' => 'Nothing to take out',
    'to-mend' => '{1} 1 problem to fix|[2,*] :count problems to fix',
    'to-ask' => '{1} 1 to ask about|[2,*] :count to ask about',
    'tips' => '{1} 1 tip|[2,*] :count tips',
    'and-also' => 'And :rest. Nothing that would be taken out.',
    'nothing-flagged' => 'Nothing that would be taken out.',

    'room-states' => [
        'empty' => 'Empty',
        'not-tried' => 'Not checked yet',
        'flat' => 'Closes flat',
        'snug' => 'Snug',
        'tight' => 'Tight',
        'left-out' => '{1} 1 does not fit|[2,*] :count do not fit',
        'open' => 'Lid stays open',
    ],
    'room-says' => [
        'empty' => 'Nothing to fit in yet.',
        'not-tried' => 'Another box of yours is being worked out; this follows in a moment.',
        'flat' => 'One band, :fill % full.',
        'snug' => 'The lid closes with two bands; it is pressed :proud.',
        'tight' => 'The lid closes with three bands; it is pressed :proud.',
        'left-out' => ':names.',
        'open' => 'What is fixed in place stands :proud above the rim.',
    ],
    'closes' => [
        'empty' => 'it is empty', 'not-tried' => 'not tried', 'flat' => 'the lid closes flat',
        'snug' => 'the lid closes with two bands', 'tight' => 'the lid closes with three bands',
        'left-out' => 'the lid closes', 'open' => 'the lid stays open',
    ],
    'reasons' => [
        'larger-than-box' => 'larger than the box',
        'no-room' => 'no place left for it',
        'blocked-by-pinned' => 'blocked by what is in',
    ],

    'weights' => [
        'bar' => 'Will be taken out',
        'hazard' => 'Hazard',
        'missing' => 'Missing',
        'ask' => 'Ask first',
        'tip' => 'Tip',
    ],

];
