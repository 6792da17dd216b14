<?php

declare(strict_types=1);

return [
    'changed-meanwhile' => 'Someone else changed this guide while your form was open; yours is not saved yet. Look '
        .'at theirs on the guide’s page. Saving again puts yours in its place.',

    'chosen' => 'New boxes are planned by the guide of :drive.',
    'copied' => 'This is your own copy. Change what you like; the boxes planned by the other guide keep it.',
    'copy-of' => 'Copied from: :source',
    'imported' => 'The guide of :drive is here.',
    'kept' => 'The guide is saved.',
    'gone' => 'The guide is deleted.',
    'in-use' => 'Boxes are planned by this guide. Plan them by another first.',
    'adopted' => 'The box is planned by the guide of :drive now.',
    'file' => 'Choose a guide file (JSON) of at most 500 KB.',
    'most-asked' => 'Most asked for: :whom.',
    'whom' => ':who of :band',
    'as-typed' => 'The guide',
    'unguarded' => 'For :bands this guide asks for nothing or flags nothing. Fill in how many of each need, or say '
        .'that it is meant so.',
    'knowing' => 'It is meant so',
    'anything-in' => 'Anything in :lane',
    'kinds' => 'Kinds, one a line; or “Anything in play”',

    'errors' => [
        'dated' => 'A day, please: the one the rules are dated.',
        'gift' => 'An amount like 9.00, please.',
        'day' => 'Month and day, like 12-18.',
    ],

];
