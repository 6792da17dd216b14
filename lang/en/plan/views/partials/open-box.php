<?php

declare(strict_types=1);

return [
    'open-box' => 'Open box',
    'stays-out' => 'Stays out',
    'step-by-step-layer-by' => 'Step by step, layer by layer, from every side',
    'in-which-order-it-goes' => 'In which order it goes in',
];
