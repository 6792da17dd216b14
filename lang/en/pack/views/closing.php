<?php

declare(strict_types=1);

return [
    'closing-check' => 'Closing check',
    'back-to-the-box' => 'Back to the box',
    'print-it' => 'Print it',
    'the-lines' => 'The lines',
    'a-second-look' => 'A second look',
    'what-the-checkers-of-drive' => 'What the checkers of :drive would do: they know the guide, and not your reasons.',
    'they-would-take-nothing-out' => 'They would take nothing out, and have nothing to add.',
    'they-take-out' => 'They take out',
    'lost-to-this-child' => 'Lost to this child',
    'they-would-add' => 'They would add',
    'what-that-costs-at-your' => 'What that costs, at your prices',
    'closing-check-theme' => 'Closing check, :theme',
    'no-price-known' => 'no price known',
];
