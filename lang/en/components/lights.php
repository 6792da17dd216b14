<?php

declare(strict_types=1);

return [
    'auto' => 'Auto',
    'light' => 'Day',
    'dark' => 'Lamp',
];
