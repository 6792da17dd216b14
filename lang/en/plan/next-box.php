<?php

declare(strict_types=1);

return [

    'title' => 'For the next box',
    'what-for' => 'What did not go into its box, or was kept back. The picker offers it first.',
    'none' => 'Nothing waits for the next box.',
    'begin' => 'New box',
    'count' => '{1} 1 thing waits for the next box|[2,*] :count things wait for the next box',
    'take-along' => 'Left for this box',
    'take-along-hint' => 'What you tick is picked at once.',
    'kept' => 'where: :kept',
    'forget' => 'Not for a box',
    'forgotten' => 'It is in the stash as any other thing.',
    'left' => '“:name” waits for the next box.',
    'leave' => 'Leave it for the next box',
    'because' => 'Not in this box, because (if you like)',

    'why' => [
        'no-room' => 'left out of “:theme”: no room',
        'at-the-table' => 'did not go into “:theme” at the table',
        'chosen' => 'kept back from “:theme”: :because',
    ],

];
