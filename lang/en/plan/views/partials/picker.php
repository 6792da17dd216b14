<?php

declare(strict_types=1);

return [
    'pick-a-piece' => 'Pick a piece',
    'close' => 'Close',
    'esc' => 'Esc',
    'where-from' => 'Where from',
    'from-the-stash' => 'From the stash',
    'to-buy' => 'To buy',
    'a-new-thing' => 'A new thing',
];
