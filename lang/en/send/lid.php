<?php

declare(strict_types=1);

return [

    'title' => 'Lid',
    'link' => 'Lid picture and wrapping',
    'heading' => 'Inside the lid of “:theme”',
    'heading-floor' => 'Liner for “:theme”',
    'where' => 'Where it goes',
    'wheres' => ['lid' => 'Inside the lid', 'floor' => 'On the bottom, as a liner'],
    'what-for' => 'A picture for the inside of the lid or the bottom of the box at its true size, and the sheets '
        .'to wrap box and lid with. Print at 100 %, without “fit to page”.',
    'pattern' => 'What is drawn',
    'patterns' => [
        'stars' => 'Stars',
        'waves' => 'Waves',
        'kites' => 'Kites',
        'rails' => 'Rails',
        'hills' => 'Hills and sun',
        'dots' => 'Dots',
        'checks' => 'Checks',
    ],
    'own' => 'Or your own picture',
    'own-hint' => 'It is made small, nothing that a camera writes beside it is kept, and it is not kept here.',
    'saying' => 'A saying',
    'saying-hint' => 'In your own words, like “You are dear to us”.',
    'paper' => 'On what paper',
    'show' => 'Show it',
    'print' => 'Make the sheets (PDF)',
    'back' => 'Back to the box',
    'size' => ':size, the opening of this box',
    'size-floor' => ':size, the bottom of this box',
    'sheets' => '{1} on one sheet|[2,*] over :count sheets that share a strip of 8 mm to glue along',
    'part' => ':code, part :part of :parts',
    'wrong' => [
        'pattern' => 'Choose what is drawn, and on what paper.',
        'saying' => 'At most :most letters, please.',
    ],
    'wrap' => 'To wrap it',
    'wraps' => ['box' => 'The box', 'lid' => 'The lid'],
    'wrap-says' => 'Cut a sheet of :size. Fold along the dashed lines, cut along the thick ones; the outer strip of '
        .':strip goes over the edge.',
    'wrap-lid' => 'Worked out for a lid :wall high. Measure yours: for each millimetre more, the sheet is two longer '
        .'and two wider.',
    'wrap-plan' => 'Cutting plan: folds at :along from the left, at :across from above',

];
