<?php

declare(strict_types=1);

return [

    'label' => 'Next',
    'step' => [
        'begin' => 'put the first thing in',
        'mend' => 'fix what may not go in',
        'missing' => 'find :what',
        'buy' => '{1} one thing to buy|[2,*] :count things to buy',
        'tasks' => '{1} one thing to prepare|[2,*] :count things to prepare',
        'pack' => 'pack it, step by step',
        'packed' => 'hand it in',
        'gone' => 'look at its story in the log',
    ],

    'mend' => 'look at :what in “:theme”; it has a problem to fix.',
    'find' => 'pick :what for “:theme”, it is in the stash.',
    'pack' => '“:theme” is ready: take it to the table.',
    'buy' => '“:theme” still lacks :what.',

];
