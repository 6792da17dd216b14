<?php

declare(strict_types=1);

return [
    'back-to-how-it-goes' => 'Back to how it goes in',
];
