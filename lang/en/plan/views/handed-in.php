<?php

declare(strict_types=1);

return [
    'back' => 'Back to the shelf',
    'how-they-were' => 'How they were packed',
];
