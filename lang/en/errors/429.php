<?php

declare(strict_types=1);

return [
    'a-little-too-fast' => 'A little too fast',
    'that-was-tried-too-often' => 'That was tried too often in a short time. Wait a minute and try again.',
];
