<?php

declare(strict_types=1);

return [
    'the-box-from-the-front' => 'The box from the front, with the lid line at :height',
    'at-rest' => 'at rest',
    'lid-line' => 'lid line',
];
