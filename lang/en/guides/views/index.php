<?php

declare(strict_types=1);

return [
    'drive-guides' => 'Drive guides',
    'a-drives-rules-for-a' => 'A drive’s rules for a season, as data: what it asks for, what it takes out, when and '
        .'where to hand in. A box keeps the guide it was planned by.',
    'season-dated-dated-bands-bands' => ':season, dated :dated. Age groups :bands; :needs needs, :barred things '
        .'barred.',
    'your-own' => 'your own',
    'new-boxes-use-this-one' => 'New boxes use this one',
    'use-it-for-new-boxes' => 'Use it for new boxes',
    'copy-and-change' => 'Copy and change',
    'change' => 'Change',
    'bring-one-in' => 'Bring one in',
    'a-guide-file-json' => 'A guide file (JSON)',
    'read-it' => 'Read it',
];
