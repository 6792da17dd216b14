<?php

declare(strict_types=1);

return [
    'lines' => '{1} One kind of thing to buy.|[2,*] :count kinds of things to buy.',
    'lines-about' => '{1} One kind of thing to buy, about :cost.|[2,*] :count kinds of things to buy, about :cost.',
    'guessed' => '{1} One of them is estimated.|[2,*] :count of them are estimated.',
    'guessed-all' => 'All of that is estimated.',
    'unknown' => '{1} One was never bought before and is not in that.|[2,*] :count were never bought before and are '
        .'not in that.',
    'unknown-all' => 'Nobody knows yet what that costs: nothing of it was bought before.',
    'sum' => ':amount :currency',
    'guess' => 'about :low to :high each (estimated)',
    'range' => ':low to :high',
    'at-worst' => 'or :left, where it is expensive',
    'waits' => 'No signal: your ticks wait in this browser and are sent when there is one.',
    'asked' => 'What do things cost where you shop?',
    'asked-says' => 'Three prices are enough to estimate all the others; every purchase makes the estimates better.',
    'asked-kinds' => ['soap' => 'A bar of soap', 't-shirt' => 'A T-shirt', 'plush-small' => 'A small plush'],
    'asked-save' => 'Save',
    'asked-kept' => 'The estimates go by these prices now.',
    'any-shop' => 'Any shop',
    'at-most' => 'at most :target each',

    'next-door' => 'Was cheaper at :place: :each each on :day.',
    'all-in' => 'All of this is in the basket.',
    'next-place' => 'On to the next shop',
    'name' => ':kind',
    'got-one' => '{0} “:name” is in the stash.|{1} “:name” is set aside for a box.',
    'got' => '{0} :pieces × “:name” are in the stash.|{1} :pieces × “:name” are in the stash, 1 of them set aside '
        .'for a box.|[2,*] :pieces × “:name” are in the stash, :count of them set aside for your boxes.',
    'packs' => '{1} 1 pack of :size|[2,*] :count packs of :size',
    'left-over' => '{0} |[1,*] leaves :count over',
    'unpriced-title' => '{1} One thing still has no price|[2,*] :count things still have no price',
    'unpriced-says' => 'Write down what the till’s slip says for all of it, when you have the time; 0 where it was '
        .'free.',
    'unpriced-pieces' => ':pieces ×',
    'unpriced-paid' => 'Total paid',
    'unpriced-more' => '{1} And one more, further back.|[2,*] And :count more, further back.',
    'price-which' => 'Say what was paid.',
    'priced' => 'The price of “:name” is written down.',
    'priced-meanwhile' => 'Someone wrote down the price of “:name” meanwhile. Yours was not saved.',
    'unpriced' => '{0} |[1,*] and :count without a price',
    'each-of-the-rest' => 'about :each for each of those',
];
