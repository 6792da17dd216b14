<?php

declare(strict_types=1);

return [
    'title' => 'Help',
    'lead' => 'How a box comes about, step by step, and the words that stand here.',
    'path' => 'The way of a box',
    'steps' => [
        'plan' => ['Plan a box', 'Say who it is for and choose a theme; the guide of your drive lists what it needs.'],
        'list' => [
            'See what is missing',
            'What all your boxes still need, less what is on hand, is your shopping list.',
        ],
        'shop' => ['Shop', 'At the shelf, the price check tells whether a price is good. Tick what you have.'],
        'write' => [
            'Write it down',
            'One line a thing, as it stands on the receipt: 8 soap 3.95. What is not clear is asked.',
        ],
        'pick' => ['Put things in the box', 'Pick from the stash, or let “Fill it for me” propose the best set.'],
        'prepare' => ['Prepare', 'Cut off tags, fill kits, press bags flat: tonight’s tasks over all boxes.'],
        'pack' => [
            'Pack',
            'The bench tells where each thing goes, step by step; on a packing day, who is at which box.',
        ],
        'close' => ['Close', 'The closing check goes through what must be in and what may not.'],
        'send' => [
            'Hand in',
            'Label it, put the shipping gift beside it, and hand it in on a trip; the log keeps its story.',
        ],
    ],
    'words' => 'Words',
    'glossary' => [
        'stash' => ['stash', 'All the things that were got and wait for a box: on hand, on their way, or set aside.'],
        'shelf' => ['shelf', 'Where your boxes of this season stand.'],
        'must-have' => [
            'must-have',
            'What the guide of your drive asks of every box; without it the box is not complete.',
        ],
        'guide' => ['guide', 'What your drive says may and must go in. Its own text and local law count before ours.'],
        'band' => ['age group', 'The years of age a box is for, such as 5 to 9; the guide divides them.'],
        'category' => [
            'category',
            'One of the nine rows of a box: lead gift, soft friend, play, school, care, and so on.',
        ],
        'lead' => ['lead gift', 'The one thing a child sees first.'],
        'lid' => ['lid', 'It closes flat, or with rubber bands where soft things are pressed a little.'],
        'bench' => ['bench', 'The page beside you while you pack: one step at a time, by hand or by voice.'],
        'kit' => ['kit', 'A bag or a pouch that is filled first and goes in as one thing.'],
        'gap' => ['nook', 'A gap that something small still goes into.'],
        'idea' => ['idea', 'A theme without a box yet, with wishes and with things that are held for it.'],
        'shipping' => ['shipping gift', 'What the drive asks for transport with each box.'],
        'docket' => ['docket', 'The number by which the drive tells where a box is.'],
        'keeper' => ['keeper', 'Someone who also changes the guide, the budget and the people of a crew.'],
        'season' => ['season', 'From one hand-in to the next: goals, money and boxes are counted by it.'],
    ],
    'keys' => 'Keys: press ? anywhere to see them.',
    'undo' => 'Nothing is lost: what was done lately can be undone.',
];
