<?php

declare(strict_types=1);

return [
    'time-zone' => 'Time zone',
    'by-it-today-is-your' => 'By it, “today” is your day: for what you buy, for the days to hand-in, for the season.',
    'where-you-are' => 'Where you are',
    'save' => 'Save',
    'cancel' => 'Cancel',
];
