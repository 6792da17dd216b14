<?php

declare(strict_types=1);

return [
    'how-its-price-came-about' => 'How its price came about',
    'the-kind-brings-its-usual' => 'The kind brings its usual measures and cautions along; both can be changed.',
    'what-it-is-called' => 'What it is called',
    'not-known' => 'not known',
    'for-how-many' => 'for how many',
    'into-this-box' => 'into this box',
    'it-was-free' => 'It was free',
    'where-from' => 'Where from',
    'place-or-giver' => 'Place or giver',
    'when' => 'When',
    'in-mm-or-as-you' => 'In mm, or as you measure:',
    '11-5-cm' => '11.5 cm',
    '4-1-2-in' => '4 1/2 in',
    'size-on-the-label' => 'Size on the label',
    'what-it-is-like-traits' => 'What it is like (:traits), colours, packaging, list price, tags, where it is kept, a '
        .'note',
    'what-it-is-like' => 'What it is like',
    'ordered-and-due-on' => 'Ordered, and due on',
    'list-price-of-all' => 'List price of all',
    'in-the-shops-pack' => 'In the shop’s pack',
    'tags-separated-by-commas' => 'Tags, separated by commas',
    'where-it-is-kept' => 'Where it is kept',
    'closet-blue-tub' => 'closet, blue tub',
    'up-to-three-colours' => 'Up to three colours',
    'goes-in-that-way' => 'goes in that way',
    'where-it-was-made-of' => 'Where it was made: of what',
    'and-in-how-many-minutes' => 'and in how many minutes',
    'what-each-holds-a-kit' => 'What each holds (a kit, a filled bag)',
    'one-a-line-how-many' => 'One a line: how many and what kind, like “2 Pencil” or “1 Comb”. Must-haves inside '
        .'count.',
    'note' => 'Note',
    'total-paid-code' => 'Total paid (:code)',
    'length' => 'Length',
    'width' => 'Width',
    'height' => 'Height',
    'nothing-special' => 'nothing special',
    'length-in-its-packaging' => 'Length in its packaging',
];
