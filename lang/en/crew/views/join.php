<?php

declare(strict_types=1);

return [
    'password' => 'Password',
    'at-least-10-characters' => 'At least 10 characters.',
];
