<?php

declare(strict_types=1);

return [
    'find' => 'Find',
    'what-to-find' => 'What to find',
    'a-theme-a-piece-a' => 'A theme, a piece, a shop, a giver',
    'nothing-goes-by-search-try' => 'Nothing matches “:search”. Try fewer letters.',
    'boxes' => 'Boxes',
    'box-number-value-band-value2' => 'box :number, :value :band, :value2',
    'inside-something-else' => 'Inside something else',
    'holds-inside' => 'holds :inside',
    'quantity-in' => '; :quantity in',
    'in-the-stash' => 'In the stash',
    'here-on-hand-from' => ':here on hand, :from',
    'kept-kept' => ', kept: :kept',
    'inside-id' => ', inside :id',
];
