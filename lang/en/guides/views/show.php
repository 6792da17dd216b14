<?php

declare(strict_types=1);

return [
    'season-dated-dated-source' => ':season, dated :dated. :source.',
    'change-it' => 'Change it',
    'copy-and-change' => 'Copy and change',
    'as-a-file' => 'As a file',
    'what' => 'What',
    'any-of' => 'any of',
    'what-it-takes-out-and' => 'What it takes out, and what it asks about',
    'for-bands' => 'for :bands',
    'on-the-way' => 'On the way',
    'shipping-gift' => 'Shipping gift:',
    'gift-code-a-box' => ':gift :code a box.',
    'hand-in' => 'Hand in',
    'from-today-to-today2' => 'from :today to :today2.',
    'places-each-with-its-own' => 'Places, each with its own last day:',
    'a-box-at-most' => 'A box at most:',
    'measures-outside' => ':measures outside.',
    'the-label-asks-for' => 'The label asks for:',
    'what-it-would-say-of' => 'What it would say of a box',
    'must-haves' => 'Must-haves',
    'wishes' => 'Wishes',
];
