<?php

declare(strict_types=1);

return [
    'unknown' => 'unknown',
    'free' => 'free',
];
