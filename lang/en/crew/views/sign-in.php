<?php

declare(strict_types=1);

return [
    'sign-in' => 'Sign in',
    'e-mail' => 'E-mail',
    'password' => 'Password',
    'keep-me-signed-in-on' => 'Keep me signed in on this device',
    'start-a-crew-instead' => 'Start a crew instead',
];
