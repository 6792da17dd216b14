<?php

declare(strict_types=1);

return [
    'money' => 'Money',
    'from-to-to-in-code' => ':from to :to, in :code.',
    'seasons' => 'Seasons',
    'budget' => 'Budget',
    'seasons-budget' => 'Season’s budget',
    'none' => 'none',
    'save' => 'Save',
    'by-month' => 'By month',
    'by-category' => 'By category',
    'by-source' => 'By source',
    'most-expensive' => 'Most expensive',
    'nothing-paid-for-yet' => 'Nothing paid for yet.',
    'thank-you-list' => 'Thank-you list',
    'in-gift' => 'in :gift',
    'still-in-the-stash' => ', still in the stash',
    'nothing-was-given-this-season' => 'Nothing was given this season. What was “given by someone” names its giver '
        .'here.',
    'the-seasons-money' => 'The season’s money',
    'the-money-of-season-year' => 'The money of season :year',
    'spent' => 'Spent',
    'promised-as-shipping-gifts' => 'Promised as shipping gifts',
    'free' => 'Free',
    'saved-against-list-prices' => 'Saved against list prices',
    'someone-unnamed' => 'Someone unnamed',
];
