<?php

declare(strict_types=1);

return [

    'title' => 'The story of :theme',
    'for' => ':code, for a :who, :band',
    'planned' => 'Planned.',
    'stages' => [
        'gathering' => 'Its pieces came together.',
        'ready' => 'Ready to pack.',
        'packed' => 'Packed, with the lid on.',
    ],
    'gift' => 'Its shipping gift: :gift',
    'handed-in' => 'Handed in by :name.',
    'handed-in-at' => 'Handed in by :name at :place.',
    'docket' => 'Docket :docket.',
    'in-it' => 'What was in it',
    'box' => 'Look at the box as it was',
    'back' => 'Back to the log',
    'docket-field' => 'Docket number',
    'save' => 'Save',
    'saved' => 'It is saved.',
    'country' => 'Where it was given out',
    'country-hint' => 'When the drive tells it by mail: choose the country here.',
    'country-unknown' => 'not known yet',
    'no-country' => 'Choose a country of the list.',
    'told' => 'The drive told us itself; there is nothing to write.',

];
