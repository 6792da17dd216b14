<?php

declare(strict_types=1);

return [
    'quick-entry' => 'Quick entry',
    'after-a-shopping-trip-place' => 'After a shopping trip: place and day once, a line for each thing. Tab goes on, '
        .'Enter keeps it all.',
    'the-receipt' => 'The receipt',
    'place' => 'Place',
    'where-from' => 'Where from',
    'day' => 'Day',
    'receipts-total' => 'Receipt’s total',
    'lines' => 'Lines',
    'kind' => 'Kind',
    'called' => 'Called',
    'pieces' => 'Pieces',
    'total-paid' => 'Total paid',
    'kind-line-index' => 'Kind, line :index',
    'called-line-index' => 'Called, line :index',
    'pieces-line-index' => 'Pieces, line :index',
    'paid-in-all-line-index' => 'Paid in all, line :index',
    'the-lines-add-up-to' => 'The lines add up to',
    'fill-in-a-line-first' => 'Fill in a line first.',
    'put-it-all-in-the' => 'Put it all in the stash',
    'save-it-although-the-totals' => 'Save it although the totals differ',
    'add-up' => 'Add up',
];
