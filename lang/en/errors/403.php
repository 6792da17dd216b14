<?php

declare(strict_types=1);

return [
    'not-yours-to-open' => 'Not yours to open',
    'this-belongs-to-another-crew' => 'This belongs to another crew, or is not for everyone.',
];
