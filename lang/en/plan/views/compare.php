<?php

declare(strict_types=1);

return [
    'theme-under-another-guide' => '“:theme” under another guide',
    'it-is-planned-by-drive' => 'It is planned by :drive, guide of :dated.',
    'back-to-the-box' => 'Back to the box',
    'compare-with' => 'Compare with',
    'compare' => 'Compare',
    'plan-it-by-this-guide' => 'Plan it by this guide',
    'compare-theme' => 'Compare :theme',
];
