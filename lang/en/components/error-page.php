<?php

declare(strict_types=1);

return [
    'back-to-the-table' => 'Back to the table',
];
