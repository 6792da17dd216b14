<?php

declare(strict_types=1);

return [

    'girl' => 'girl',
    'boy' => 'boy',
    'either' => 'girl or boy',

    'many' => ['girl' => 'girls', 'boy' => 'boys', 'either' => 'children'],

];
