<?php

declare(strict_types=1);

return [
    'in-the-shop' => 'In the shop',
    'works-without-a-signal-once' => 'Works without a signal once it was opened with one. Prices as of :taken, in '
        .':code.',
    'what-kind-of-thing' => 'What kind of thing?',
    'in-the-pack' => 'In the pack',
    'buy-up-to' => 'Buy up to',
    'fair-up-to' => ', fair up to',
    'up-to' => 'Up to',
    'a-piece-this-size-of' => 'a piece; for this size of pack it was not worked out.',
    'no-target-and-no-price' => 'No target and no price of this kind so far.',
    'you-still-need-to-buy' => 'You still need to buy',
    'where-from' => 'Where from',
    'paid-for-the-pack' => 'Paid for the pack',
    'where' => 'Where',
    'waiting-to-be-sent' => 'Waiting to be sent',
    'send-now' => 'Send now',
    'this-page-needs-scripts-the' => 'This page needs scripts; the',
    'price-check' => 'price check',
    'does-not' => 'does not.',
];
