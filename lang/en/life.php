<?php

declare(strict_types=1);

return [

    'arrived' => '“:name” has arrived.',
    'broken' => 'Those are written off as broken.',
    'given-away' => 'Those are given away.',
    'sent-back' => 'Those are sent back.',
    'wrong' => [
        'undecided' => 'Noted. Nobody packs “:name” until you decide what becomes of it.',
        'sent-back' => '“:name” is sent back.',
        'kept' => '“:name” is kept as it is.',
        'given-on' => '“:name” is given on.',
    ],
    'faults' => ['size' => 'the size', 'thing' => 'the thing', 'damage' => 'damaged'],
    'ends' => ['undecided' => 'not decided yet', 'sent-back' => 'sent back', 'kept' => 'kept all the same', 'given-on' => 'given on'],
    'state' => ['size' => 'wrong size', 'thing' => 'wrong thing', 'damage' => 'damaged'],
    'back-more' => ':back came back, but only :paid was paid for these.',
    'split' => 'This is the new lot; the rest stayed where it was.',
    'merged' => 'Both are one lot now: “:name”.',
    'unlike' => '“:one” and “:other” cannot be one lot: they differ in :fields.',
    'for' => 'for :paid',
    'measured' => 'measured by hand',
    'not-measured' => 'as its kind usually is',
    'nothing' => 'nothing noted',
    'same-lot' => 'That is the same lot: “:one”.',
    'undecided' => 'Choose first what the one lot keeps of each.',
    'part-changed' => 'The part that was split off was changed or put into a box. Take that back first.',
    'merged-too-many' => 'Together they would be more than 10,000 pieces.',
    'undone' => 'That is taken back.',
    'changed-since' => 'Something was changed on top of that. Take that back first.',

    'what' => [
        'got' => 'put in',
        'corrected' => 'corrected',
        'arrived' => 'arrived',
        'broken' => 'written off as broken',
        'given-away' => 'given away',
        'sent-back' => 'sent back',
        'wrong' => 'something wrong',
        'split' => 'parted',
        'merged' => 'put together',
        'undone' => 'taken back',
    ],
    'fields' => [
        'kind' => 'kind', 'name' => 'name', 'pieces' => 'pieces', 'price_state' => 'price known', 'paid_minor' => 'paid', 'list_minor' => 'list price', 'currency' => 'currency', 'source' => 'source', 'place' => 'place',
        'got_on' => 'day', 'length_tenths' => 'length', 'width_tenths' => 'width', 'height_tenths' => 'height', 'is_measured' => 'measured', 'size_label' => 'size label', 'traits' => 'traits', 'note' => 'note', 'tags' => 'tags',
        'kept' => 'where it is kept', 'gone' => 'gone', 'due_on' => 'due', 'colours' => 'colours', 'packaged_length_tenths' => 'packaged length', 'packaged_width_tenths' => 'packaged width', 'packaged_height_tenths' => 'packaged height', 'is_packaged' => 'how it goes in', 'materials' => 'materials', 'minutes' => 'minutes', 'desk' => 'how the price came about', 'holds' => 'what it holds', 'fault' => 'what is wrong', 'fault_end' => 'what became of it', 'giver' => 'giver', 'back_minor' => 'money back', 'pack_pieces' => 'pack', 'season' => 'season',
    ],

];
