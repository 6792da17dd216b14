<?php

declare(strict_types=1);

return [

    'fills' => 'fills “:need”',
    'wish' => 'a wish: :need',
    'too-small' => 'small for :band',
    'too-large' => 'large for :band',
    'each' => ':price each',
    'free' => 'free',
    'unpriced' => 'price not known',
    'show-more' => 'Show more',
    'more' => '{1} 1 more fits that. Type to narrow.|[2,*] :count more fit that. Type to narrow.',
    'on-hand' => ':count on hand',
    'on-its-way' => ':count on the way, due :day',

    'must-haves' => 'must-haves :filled of :asked',
    'money' => '+ :cost, then :total',
    'flags' => '{1} brings a flag|[2,*] brings :count flags',

];
