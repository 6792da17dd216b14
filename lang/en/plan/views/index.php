<?php

declare(strict_types=1);

return [
    'the-shelf' => 'The shelf',
    'next' => 'Next:',
    'drive-guides' => 'Drive guides',
    'new-box' => 'New box',
    'bring-in-a-box-from' => 'Bring in a box from a file…',
    'a-box-file-json' => 'A box file (JSON)',
    'put-it-on-the-shelf' => 'Put it on the shelf',
];
