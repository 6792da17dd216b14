<?php

declare(strict_types=1);

return [
    'photo' => ['title' => 'Photo', 'alt' => 'Photo of “:name”'],
    'delete-says' => 'It waits for 30 days under “What was done lately”, with what it cost and where it came from.',
    'delete-go' => 'Delete it',

    'added' => '“:name” is in the stash.',
    'changed' => '“:name” is changed.',
    'removed' => '“:name” is out of the stash.',

    'several' => '{1} One thing is changed.|[2,*] :count things are changed.',
    'found' => '{0} Nothing matches that.|{1} One thing.|[2,*] :count things.',

    'only' => [
        'on-hand' => 'with some on hand',
        'no-price' => 'without a price',
        'no-source' => 'without a place or giver',
        'unused' => 'unused for a year',
        'wrong' => 'with something wrong',
    ],
    'sorts' => [
        'name' => 'by name',
        'newest' => 'newest first',
        'oldest' => 'oldest first',
        'cheapest' => 'cheapest first',
    ],

    // What is wrong with a field, said beside it.
    'wrong' => [
        'kind' => 'Choose one of these.',
        'source' => 'Choose one of these.',
        'pieces' => 'A whole number from 1 to 10,000, please.',
        'minutes' => 'Whole minutes, please, or nothing.',
        'max' => 'That is too long: at most :most characters.',
        'name-max' => 'A name has at most :most characters.',
        'got_on' => 'A day from 2000 up to today, please.',
        'past-day' => 'A day from 2000 up to today, please.',
        'due_on' => 'A day, please, or nothing where it is here.',
        'no-room' => '“:name” does not all go into it: :count would, beside the rest. If more do, measure '
            .'the room inside.',
        'contents' => '“:text” is no kind of thing we know. Write how many and what, like “2 Pencil”.',
        'sides' => 'Sides with × between them, like 25 × 12 × 10.',
        'grams' => 'Whole grams, please, or nothing.',
        'packaging' => 'All three sides of the packaging, please.',
    ],

    'errors' => [
        'unit' => ':side without a unit is millimetres, and this kind is usually about :usual mm long. Write “:side '
            .'cm” or “:side in” if that is meant, or “:side mm”.',
        'none-chosen' => 'Tick the things that you mean, 200 at most.',
        'nothing-to-do' => 'Say what to do with them: a tag, something to correct, or a box.',
        'name-required' => 'What is it called?',
        'max' => 'That is too long: at most :max characters.',
        'free-and-paid' => 'It cannot be free and cost :price. Which is it?',
        'set-aside' => 'Some of it is in a box. Take it out there first.',
    ],

    'sources' => [
        'shop' => 'Shop',
        'clearance' => 'Clearance',
        'online' => 'Online',
        'thrift' => 'Thrift shop',
        'given' => 'Given by someone',
        'made' => 'Made at home',
        'reward' => 'Reward or points',
        'own-house' => 'From our own house',
    ],

    // How a source reads in one line, with its place or giver where there is one.
    'from' => [
        'shop' => ':place',
        'clearance' => 'clearance, :place',
        'online' => 'online, :place',
        'thrift' => 'thrift, :place',
        'given' => 'given by :place',
        'made' => 'made, :place',
        'reward' => 'reward, :place',
        'own-house' => 'own house, :place',
    ],
    'from-nowhere' => [
        'shop' => 'a shop',
        'clearance' => 'clearance',
        'online' => 'online',
        'thrift' => 'thrift shop',
        'given' => 'given',
        'made' => 'made at home',
        'reward' => 'reward',
        'own-house' => 'own house',
    ],

    'traits' => [
        'scented' => 'scented',
        'liquid' => 'liquid or lotion',
        'mouth' => 'goes in the mouth',
        'cap' => 'has a cap',
        'point' => 'pointed',
        'blade' => 'has a blade',
        'needle' => 'has a needle',
        'battery' => 'has batteries',
        'button-cell' => 'has a button cell',
        'magnet' => 'strong magnet',
        'small-part' => 'small parts',
        'cord' => 'long cord',
        'balloon' => 'balloon',
        'breakable' => 'breakable',
        'glass' => 'glass',
        'mirror' => 'mirror',
        'food-like' => 'looks like food',
        'food' => 'food or sweets',
        'medicine' => 'medicine or vitamins',
        'aerosol' => 'spray can',
        'seed' => 'seeds',
        'war-like' => 'war-like',
        'used' => 'used',
        'neck-cord' => 'cord at hood or neck',
        'paste' => 'paste, like toothpaste',
        'balm' => 'balm',
        'paint' => 'paint',
        'bean-filled' => 'bean filling',
        'sweet' => 'wrapped hard sweets',
    ],

    // How a thing packs.
    'forms' => [
        'rigid' => 'stiff: keeps its shape',
        'sheet' => 'flat sheet',
        'bendable' => 'bends',
        'cloth' => 'cloth: folds',
        'soft' => 'soft: can be pressed',
        'loose' => 'loose in a bag',
    ],

    // What is said of a thing itself, where it is other than its kind usually is.
    'said' => [
        'title' => 'How this one differs from its kind',
        'form' => 'How it packs',
        'solid' => 'One solid piece, nothing comes off',
        'smallest' => 'Its smallest part',
        'smallest-is' => 'smallest part :what',
        'cord' => 'Its longest cord',
        'cord-is' => 'cord :what',
        'grams' => 'Weight in grams',
        'grams-is' => ':what g',
        'hollow' => 'Room inside',
        'hollow-is' => 'room inside :what',
        'mouth' => 'Its opening',
        'mouth-is' => 'opening :what',
        'hint' => 'Only what you know. Room inside: length × width × height, or across × deep where it is round.',
    ],

    'measuring' => [
        'by-hand' => 'measured by hand',
        'like' => 'Like the last one: “:name”, :size',
        'how' => 'How to measure it',
        'rigid' => 'Lay a ruler along each of its three sides where it is broadest: handles, caps and wheels count. '
            .'A box or a blister pack counts only if it goes in that way.',
        'sheet' => 'Length and width along the edges; for the thickness press the whole stack flat with a hand and '
            .'measure that.',
        'bendable' => 'Length and width lying flat, and the thickness at the back. It may be bent up a wall, so its '
            .'length need not fit.',
        'cloth' => 'Fold it as it goes into the box and let it lie: that is its size at rest. How far it can be '
            .'pressed its kind knows.',
        'soft' => 'Sit it on the table as it is and measure its broadest sides: that is its size at rest. Then press '
            .'it with the flat of a hand; if it gives much less than half, choose a firmer kind.',
        'loose' => 'Shake the bag until it lies as a block, and measure that block: only its volume counts, as it '
            .'takes any shape.',
    ],

];
