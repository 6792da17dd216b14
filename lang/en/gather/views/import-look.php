<?php

declare(strict_types=1);

return [
    'look-at-the-file' => 'Look at the file',
    'look-before-it-is-kept' => 'Look before it is kept',
    'which-column-is-which' => 'Which column is which',
    'left-out' => 'left out',
    'look-again' => 'Look again',
    'line-line' => 'line :line:',
    'import-nothing' => 'Import nothing',
    'column-number' => 'column :number',
];
