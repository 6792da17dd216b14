<?php

declare(strict_types=1);

return [
    'welcome' => 'Welcome',
    'a-box-for-a-child' => 'A box for a child, packed with a clear head.',
    'plucky-wren-does-the-measuring' => 'Plucky Wren does the measuring, the sums and the records of gift box packing: '
        .'what is still missing, what it really cost, whether the lid closes, and what would be taken out.',
    'open-the-demo-table' => 'Open the demo table',
    'start-a-crew' => 'Start a crew',
    'sign-in' => 'Sign in',
    'the-demo-table-is-made' => 'The demo table is made up: eight boxes, a full stash, nothing real.',
    'the-drive-guide-as-data' => 'The drive guide as data: needs filled of needs asked for, by age, and what is '
        .'missing by name.',
    'a-pack-divided-to-the' => 'A pack divided to the exact cent a piece. What has no price is named, never taken as '
        .'nothing.',
    'what-the-guide-bars-what' => 'What the guide bars, what might hurt a small child. Cautions, with what to do '
        .'instead.',
    'every-piece-placed-in-the' => 'Every piece placed in the box, in an order you can follow. A lid is only said to '
        .'close when it does.',
    'must-haves' => 'Must-haves',
    'money' => 'Money',
    'room' => 'Room',
    'flags' => 'Flags',
];
