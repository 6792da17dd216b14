<?php

declare(strict_types=1);

return [
    'to-buy' => 'to buy ·',
    'got-it' => 'got it',
    'to-buy-2' => 'to buy',
    'unknown' => 'no price',
    'free' => 'free',
    'how-many-name' => 'How many: :name',
    'take-it-out' => 'Take it out',
    'take-out-name' => 'Take out: :name',
    'what-to-do' => 'What to do',
    'value-kept-anyway-because' => ':value, kept anyway: :because',
    'price-each' => ':price each',
];
