<?php

declare(strict_types=1);

return [
    'nothing-yet' => 'Nothing yet.',
];
