<?php

declare(strict_types=1);

return [
    'skip-to-the-page' => 'Skip to the page',
];
