<?php

declare(strict_types=1);

return [
    'back' => 'Back to the box: :box',
    'ok' => 'OK',
];
