<?php

declare(strict_types=1);

return [
    'that-did-not-work' => 'That did not work',
    'what-was-asked-for-cannot' => 'What was asked for cannot be done like this. Nothing was saved.',
];
