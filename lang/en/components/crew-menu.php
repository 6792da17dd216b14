<?php

declare(strict_types=1);

return [
    'menu' => 'Menu',
    'signed-in-as' => 'Signed in as',
    'light-on-the-table' => 'Light on the table',
    'number-format' => 'Number format',
    'save' => 'Save',
    'time-zone-zone' => 'Time zone: :zone',
    'keys' => 'Keys',
    'sign-out' => 'Sign out',
    'auto' => 'Auto',
    'day' => 'Day',
    'lamp' => 'Lamp',
];
