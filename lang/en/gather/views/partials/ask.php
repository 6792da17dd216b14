<?php

declare(strict_types=1);

return [
    'find-in-the-stash' => 'Find in the stash',
    'name-tag-shop-giver-where' => 'Name, tag, shop, giver, where it is kept',
    'only' => 'Only',
    'all-things' => 'all things',
    'for-which-band' => 'For which age group',
    'any-age-group' => 'any age group',
    'for-band' => 'for :band',
    'got-in' => 'Got in',
    'any-year' => 'any year',
    'order' => 'Order',
    'find' => 'Find',
];
