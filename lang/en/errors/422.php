<?php

declare(strict_types=1);

return [
    'that-cannot-be-read' => 'That cannot be read',
    'something-in-what-was-sent' => 'Something in what was sent is not what is asked for there. Nothing was saved.',
];
