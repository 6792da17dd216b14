<?php

declare(strict_types=1);

return [
    'ledger-of-theme' => 'Ledger of “:theme”',
    'every-piece-where-it-came' => 'Every piece, where it came from, what it cost exactly, in :code.',
    'as-csv' => 'As CSV',
    'back-to-the-box' => 'Back to the box',
    'ledger' => 'Ledger',
    'piece' => 'Piece',
    'where-from' => 'Where from',
    'how-many' => 'How many',
    'each' => 'Each',
    'cost' => 'Cost',
    'sum-so-far' => 'Sum so far',
    'pieces-for-paid' => ', :pieces for :paid',
    'shipping-gift-settled' => 'Shipping gift, :settled',
    'together' => 'Together',
    'planned' => 'Planned',
    'ledger-theme' => 'Ledger, :theme',
    'to-buy' => 'to buy',
];
