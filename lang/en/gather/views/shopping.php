<?php

declare(strict_types=1);

return [
    'shopping-list' => 'Shopping list',
    'what-you-still-need-to' => 'What you still need to buy for your open boxes.',
    'print-the-list' => 'Print the list',
    'a-wish' => ', a wish',
    'got-it' => 'Got it',
    'total-paid' => 'Total paid',
    'how-many' => 'How many',
    'where' => 'Where',
    'into-the-stash' => 'Into the stash',
    'on-hand-already' => 'On hand already',
    'pick-these-from-the-stash' => 'These need not be bought: pick them from the stash.',
    'nothing-to-buy' => 'Nothing to buy',
    'no-open-box-nothing-to' => 'No open box, nothing to buy',
    'all-that-your-open-boxes' => 'All that your open boxes need is in them or on hand.',
    'plan-a-box-first-what' => 'Plan a box first: what it lacks by the guide stands here, ready for one trip.',
    'to-the-shelf' => 'To the shelf',
    'plan-a-box' => 'Plan a box',
    'pick-for' => 'for',
    'for-boxes' => 'for :boxes',
];
