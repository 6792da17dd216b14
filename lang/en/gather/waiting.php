<?php

declare(strict_types=1);

return [
    'title' => '{1} One thing on hand is on a box’s list to buy|[2,*] :count things on hand are on your boxes’ lists '
        .'to buy',
    'for' => 'for :box',
    'do' => 'Put all of it in',
    'more' => '{1} and one more|[2,*] and :count more',
    'filled' => '{0} Nothing was left to put in.|{1} One piece is in the box that waited for it.|[2,*] :count pieces '
        .'are in the boxes that waited for them.',
];
