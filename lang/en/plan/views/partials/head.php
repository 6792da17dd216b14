<?php

declare(strict_types=1);

return [
    'box-number-value-band-name' => 'Box :number · :value, :band · :name :measures, :carton',
    'change' => 'Change',
    'ledger' => 'Ledger',
    'prepare' => 'Prepare',
    'print-the-check-sheet' => 'Print the check sheet',
    'pick-a-piece' => 'Pick a piece',
];
