<?php

declare(strict_types=1);

return [

    'lead' => 'Lead gift',
    'soft' => 'Soft friend',
    'play' => 'Play',
    'school' => 'School',
    'care' => 'Care',
    'wear' => 'Wear',
    'make' => 'Make and mend',
    'carry' => 'Carry',
    'note' => 'Keepsake and note',

];
