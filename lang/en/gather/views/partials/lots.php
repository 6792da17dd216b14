<?php

declare(strict_types=1);

return [
    'tick' => 'Tick',
    'thing' => 'Thing',
    'on-hand' => 'On hand',
    'each' => 'Each',
    'where-from' => 'Where from',
    'tick-name' => 'Tick :name',
    'size-label' => ', size :label',
    'here-of-gone' => ':here of :gone',
    'kept-kept' => ', kept: :kept',
    'due-day' => 'due :day',
    'pages' => 'Pages',
    'before' => 'Before',
    'page-of-last' => ':page of :last',
    'after' => 'After',
    'with-those-ticked' => 'With those ticked…',
    'add-a-tag' => 'Add a tag',
    'move-them-to-kept-in' => 'Move them to (kept in)',
    'all-got-by' => 'All got by',
    'as-each-is' => 'as each is',
    'all-from-shop-or-giver' => 'All from (shop or giver)',
    'all-got-on' => 'All got on',
    'one-of-each-for' => 'One of each for',
    'no-box' => 'no box',
    'do-it' => 'Do it',
    'all-drawers' => 'All drawers',
];
