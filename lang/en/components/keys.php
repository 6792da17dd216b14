<?php

declare(strict_types=1);

return [
    'keys' => 'Keys',
    'keys-off-on-this-device' => 'Keys off, on this device',
    'close' => 'Close',
    'gather-plan-pack-send' => 'Gather, Plan, Pack, Send',
    'new-box-on-the-shelf' => 'New box (on the shelf)',
    'pick-a-piece-on-a' => 'Pick a piece (on a box)',
    'close-the-picker' => 'Close the picker',
    'find-a-box-or-a' => 'Find a box or a piece',
    'this-list' => 'This list',
];
