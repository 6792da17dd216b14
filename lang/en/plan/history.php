<?php

declare(strict_types=1);

return [
    'title' => 'What was done to it',
    'undone-in' => '{1} Undone in one box.|[2,*] Undone in :count boxes.',
    'undone' => 'Undone: :what.',
    'deleted-boxes' => 'Deleted lately',
    'bring-back' => 'Bring it back',
    'what' => [
        'planned' => 'box planned',
        'taken-back' => 'Taken back',
        'picked' => 'put in',
        'filled' => 'filled from the stash',
        'listed' => 'put on the list',
        'number' => 'number changed',
        'taken-out' => 'taken out',
        'into-holder' => 'put into another thing',
        'out-of-holder' => 'taken out of another thing',
        'counts-as' => 'said what it counts as',
        'packed-own-way' => 'packed their own way',
        'left-out' => 'left out',
        'left-for-next' => 'left for the next box',
        'swapped' => 'swapped',
        'edited' => 'box changed',
        'moved' => 'moved',
        'deleted' => 'box deleted',
        'ticked' => 'work ticked off',
        'answered' => 'flag answered',
        'undone' => 'undone',
    ],
];
