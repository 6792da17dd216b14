<?php

declare(strict_types=1);

return [
    'menu' => 'Menu',
    'signed-in-as' => 'Signed in as',
    'light-on-the-table' => 'Light on the table',
    'keys' => 'Keys',
    'sign-out' => 'Sign out',
];
