<?php

declare(strict_types=1);

return [
    'what-it-comes-to' => 'What it comes to',
    'type-what-a-pack-costs' => 'Type what a pack costs and how many are in it. Copy this page’s link to share it: '
        .'send it to your crew, or keep it.',
    'each' => 'Each',
    'paid-code-for-pieces' => ':paid :code for :pieces',
    'percent-off-the-list-price' => ', :percent % off the list price',
    'step-by-step' => 'Step by step',
    'list-price' => 'list price',
    'paid' => 'paid',
    'bought-it-put-it-in' => 'Bought it: put it in the stash',
    'none' => 'none',
    'save' => 'Save',
    'none-of-this-kind-was' => 'None of this kind was paid for so far.',
    'take-as-the-target' => 'Take as the target:',
    'target-each-band' => 'Target each, :band',
    'target-each' => 'Target each',
    'best-so-far' => 'best so far',
    'the-middle' => 'the middle',
    'about-this-time-last-year' => 'about this time last year',
];
