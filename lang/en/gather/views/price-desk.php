<?php

declare(strict_types=1);

return [
    'price-check' => 'Price check',
    'kind-of-thing' => 'Kind of thing',
    'for' => 'For',
    'any-age-group' => 'any age group',
    'packs' => 'Packs',
    'in-a-pack' => 'In a pack',
    'discounts-in-order' => 'Discounts, in order',
    'cut-index' => 'Cut :index',
    'how-much-cut-index' => 'How much, cut :index',
    'tax-is-worked-out-before' => 'Tax is worked out before the coupon',
    'check-a-price-someone-told' => 'Check a price someone told you',
    'work-it-out' => 'Work it out',
    'what-it-comes-to' => 'What it comes to',
    'pack-code' => 'Pack (:code)',
    '30-or-2-1' => '30, or 2+1',
];
