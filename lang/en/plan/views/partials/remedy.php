<?php

declare(strict_types=1);

return [
    'done-value' => 'Done: :value',
];
