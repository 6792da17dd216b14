<?php

declare(strict_types=1);

return [
    'title' => 'Settings',
    'lead' => 'For everyone in :crew, but for the light: that is this browser’s own.',
    'kept' => 'Saved.',
    'save' => 'Save',

    'light' => 'Light',

    'lengths' => 'Lengths are shown in',
    'lengths-says' => 'You may type them in any unit: 21 cm, 210 or 8 1/4 in. In fields they stand in mm.',
    'units' => ['mm' => 'Millimetres', 'cm' => 'Centimetres', 'in' => 'Inches'],

    'figures' => 'Number format',

    'time-zone' => 'Time zone',
    'time-zone-says' => 'By it, “today” is your day: for what you buy, for the days to hand-in, for the season.',
    'time-zone-kept' => 'Saved. Today is :day here.',

    'currency' => 'Currency',
    'currency-says' => 'It can be changed until the first box or purchase is written down.',
    'currency-stays' => 'The currency stays: there are boxes or prices in it already.',

    'more' => 'More that is yours to choose',
    'habits' => 'How you prepare things',
    'guide' => 'The drive’s guide',
    'keys' => 'Keys',
];
