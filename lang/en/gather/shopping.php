<?php

declare(strict_types=1);

return [
    'any-shop' => 'Any shop',
    'at-most' => 'at most :target each',

    'name' => ':kind',
    'got' => '{0} :pieces × “:name” are in the stash.|{1} :pieces × “:name” are in the stash, 1 of them set aside '
        .'for a box.|[2,*] :pieces × “:name” are in the stash, :count of them set aside for your boxes.',
    'packs' => '{1} 1 pack of :size|[2,*] :count packs of :size',
    'left-over' => '{0} |[1,*] leaves :count over',
    'lines' => '{1} One kind of thing to buy|[2,*] :count kinds of things to buy',
    'unpriced' => '{0} |[1,*] and :count without a price',
    'each-of-the-rest' => 'about :each for each of those',
    'unknown' => '{0} |{1} , and 1 never bought before|[2,*] , and :count never bought before',

];
