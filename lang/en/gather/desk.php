<?php

declare(strict_types=1);

return [

    'target-kept' => 'The target is saved.',

    'steps' => [
        'percent-off' => '% off',
        'amount-off' => 'amount off',
        'now-costs' => 'now costs',
        'buy-get' => 'buy + get free',
        'coupon' => 'coupon on the total',
        'credit-not-paid' => 'points, not counted as paid',
        'credit-paid' => 'points, counted as paid',
        'tax' => '% sales tax',
        'carriage' => 'share of delivery',
    ],

    'verdicts' => [
        'buy' => 'Buy',
        'fair' => 'Fair',
        'wait' => 'Wait',
        'only-if-needed' => 'Only if a box needs it now',
        'nothing-to-compare' => 'Nothing to compare with yet',
    ],
    'because' => [
        'buy' => ':each is at or under :measure.',
        'fair' => ':each is a little over :measure.',
        'wait' => ':each is well over :measure.',
        'only-if-needed' => ':each is well over :measure, but your boxes lack :needed and hand-in is near.',
        'nothing-to-compare' => 'Set a target, or put the first one of this kind in the stash.',
    ],
    'measure-target' => 'your target of :price',
    'measure-best' => 'the best so far, :price',
    'cheap' => 'Usually cheap in :month.',
    'needed' => '{0} No open box lacks it beyond what is on hand.|{1} You still need to buy 1.|[2,*] You still '
        .'need to buy :count.',

    'cheap-now' => 'This is the month in which it is usually cheap: look at another shop.',
    'claim-holds' => 'Yes: :claim each is what the pack comes to.',
    'claim-fails' => 'No: it comes to :each each. :claim would need :pieces in the pack, or the pack at :pack.',
    'claim-fails-any' => 'A piece costs :each, not :claim; no number of pieces would make it :claim. The pack would '
        .'have to cost :pack.',
    'claim-fails-free' => 'No: it comes to :each each.',

];
