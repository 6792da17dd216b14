<?php

declare(strict_types=1);

return [
    'gather' => 'Gather',
    'the-stash' => 'The stash',
    'price-check' => 'Price check',
    'in-the-shop' => 'In the shop',
    'shopping-list' => 'Shopping list',
    'money' => 'Money',
    'import-and-export' => 'Import and export',
];
