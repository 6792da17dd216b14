<?php

declare(strict_types=1);

return [

    'title' => 'What is flagged',
    'left' => '{1} :about is left as it is; the reason is kept.|[2,*] :count findings are left as they are; the '
        .'reason is kept.',
    'tick' => 'Keep this one as it is, with others: :about',
    'all-because' => 'Keep several as they are: tick them, and say why',
    'leave-all' => 'Keep those that are ticked',
    'taken-back' => 'The reason is removed; the flag is back.',
    'because-needed' => 'Say why, in a few words: whoever checks the box will ask.',
    'measure-it' => 'This one is answered by measuring.',
    'meant' => 'It is meant.',
    'meant-sizes' => 'Two sizes on purpose.',
    'label-means' => 'The label “:label” fits',
    'label-means-unit' => ['height' => 'cm tall', 'foot' => 'cm of foot'],
    'teach-it' => 'Teach it',
    'to-mend' => 'Problems to fix',
    'to-ask' => 'To ask about',
    'tips' => '{1} One tip|[2,*] :count tips',
    'not-there' => '{1} One thing not there yet|[2,*] :count things not there yet',
    'kept-anyway' => '{1} One kept as it is|[2,*] :count kept as they are',
    'answer-by' => ':by, :at',

    'do' => [
        'take-out' => 'Take it out',
        'have-fewer' => 'Have :quantity',
        'pick' => 'Pick one',
        'list' => 'List :name to buy',
    ],

];
