<?php

declare(strict_types=1);

return [
    'by' => 'By',
    'guide-of-dated' => ', guide of :dated (',
    'compare' => 'compare',
    'and-by-public-figures-advice' => '), and by public figures; advice only.',
    'kept-because-because' => 'Kept because: :because',
    'undo' => 'Undo',
];
