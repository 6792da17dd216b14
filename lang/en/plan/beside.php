<?php

declare(strict_types=1);

return [

    'link' => 'Side by side',
    'title' => 'Side by side',
    'says' => 'What all these boxes share stands once; what differs stands out. Put one thing across them, or two in '
        .'turn: a hat, a bag, a hat, a bag.',
    'which' => 'Which boxes',
    'show' => 'Show these',
    'none' => 'No box is open. Plan one, and another like it.',
    'what' => 'What',
    'column' => ':theme, for :who :band',
    'must' => 'Must-haves',
    'money' => 'Money',
    'flags' => 'Flags',
    'all' => 'in all: :what',
    'count' => ':count × :name',
    'to-buy' => ':count to buy',
    'nothing' => 'none',
    'take-out' => 'Take out',
    'take-out-kind' => 'Take out of all these boxes: :kind',
    'like' => 'Into all',
    'like-kind' => 'Into all that have none, as in the first that has it: :kind',
    'lacks' => ':count missing',
    'there' => 'there',
    'not-asked' => 'not asked for',
    'across' => 'Put across',
    'lot' => 'What',
    'lot-line' => ':name (:count free)',
    'choose' => 'choose…',
    'turn' => 'In turn with (if wished)',
    'each' => 'How many each',
    'go' => 'Put in',
    'put' => '{0} Nothing was to be put in.|{1} Put into one box.|[2,*] Put into :count boxes.',
    'taken' => '{1} Taken out of one box.|[2,*] Taken out of :count boxes.',
    'back' => 'To the shelf',
    'wrong' => [
        'with' => 'Choose one box to eight.',
        'lot' => 'Choose what to put in.',
        'turn' => 'Choose another thing, or none, to go in turn.',
        'each' => 'A number from 1 to :most.',
    ],

];
