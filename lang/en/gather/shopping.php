<?php

declare(strict_types=1);

return [
    'about' => ', about :low',
    'about-range' => ', about :low to :high',
    'guessed' => '{0} |{1} (one of them estimated)|[2,*] (:count of them estimated)',
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
    'got' => '{0} :pieces × “:name” are in the stash.|{1} :pieces × “:name” are in the stash, 1 of them set aside '
        .'for a box.|[2,*] :pieces × “:name” are in the stash, :count of them set aside for your boxes.',
    'packs' => '{1} 1 pack of :size|[2,*] :count packs of :size',
    'left-over' => '{0} |[1,*] leaves :count over',
    'lines' => '{1} One kind of thing to buy|[2,*] :count kinds of things to buy',
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
    'unknown' => '{0} |{1} , and 1 never bought before|[2,*] , and :count never bought before',

];
