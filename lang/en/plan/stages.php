<?php

declare(strict_types=1);

return [

    'planned' => [
        'name' => 'planned',
        'shelf' => 'Planned',
        'says' => 'on paper so far',
        'move' => 'Back to planned',
        'empty' => 'Nothing planned.',
    ],
    'gathering' => [
        'name' => 'gathering',
        'shelf' => 'Gathering',
        'says' => 'pieces come together',
        'move' => 'Start gathering',
        'empty' => 'No box is being gathered.',
    ],
    'ready' => [
        'name' => 'ready',
        'shelf' => 'Ready to pack',
        'says' => 'take to the table',
        'move' => 'Ready to pack',
        'empty' => 'No box waits to be packed.',
    ],
    'packed' => [
        'name' => 'packed',
        'shelf' => 'Packed',
        'says' => 'lid on, label and note',
        'move' => 'It is packed',
        'empty' => 'No box is closed yet.',
    ],
    'handed-in' => [
        'name' => 'handed in',
        'shelf' => 'Handed in',
        'says' => 'on their way',
        'move' => 'It is handed in',
        'empty' => 'None handed in this season.',
    ],

];
