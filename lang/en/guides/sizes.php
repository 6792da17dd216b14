<?php

declare(strict_types=1);

return [

    'means' => [
        'height' => '“:label” means :cm cm of height',
        'foot' => '“:label” means :cm cm of foot',
    ],
    'fits' => [
        'age' => 'fits at about the age of :from',
        'ages' => 'fits from about :from to :to years',
    ],

];
