<?php

declare(strict_types=1);

return [
    'within-the-budget' => 'Within the budget?',
    'box' => 'Box',
    'so-far' => 'So far',
    'still-to-come' => 'Still to come',
    'left-then' => 'Left then',
    'no-budget' => 'no budget',
    'over-its-budget' => 'over its budget',
];
