<?php

declare(strict_types=1);

return [

    'link' => 'How many of it',
    'title' => 'How many like “:theme”',
    'says' => 'Packs often decide how many boxes are made. For each number of boxes like this one: what would have '
        .'to be bought beside what lies here, in the packs in which it came last, and what would be left of it '
        .'for later.',
    'best' => '{1} One box leaves least over.|[2,*] :count boxes leave least over a box.',
    'why' => '{1} One thing comes in packs of :pack, and they are used up.|[2,*] :count things come in packs of :pack, '
        .'and they are used up.',
    'count' => 'Boxes you think of',
    'look' => 'Look',
    'boxes' => '{1} one box|[2,*] :count boxes',
    'best-boxes' => '{1} one box, best|[2,*] :count boxes, best',
    'column' => ['boxes' => 'Boxes', 'outlay' => 'To pay', 'each' => 'Used, a box', 'left' => 'Left over',
        'packs' => 'In packs'],
    'pack' => ':packs × :pack :name (:left left)',
    'no-packs' => 'nothing in packs',
    'unknown' => 'Without a known price, and not counted: :names.',
    'like' => 'Plan one like it',
    'back' => 'Back to the box',

];
