<?php

declare(strict_types=1);

return [
    'import-and-export' => 'Import and export',
    'bring-your-stash-in-from' => 'Bring your stash in from a spreadsheet',
    'save-it-as-csv-the' => 'Save it as CSV. The first row names the columns;',
    'kind' => 'kind',
    'is-asked-for-the-rest' => 'is asked for, the rest is as you have it: :columns. You see each row before anything '
        .'is kept.',
    'file' => 'File',
    'look-at-it' => 'Look at it',
    'export' => 'Export',
    'plain-csv-that-any-spreadsheet' => 'Plain CSV that any spreadsheet opens. What you export can be imported again.',
    'all-things' => 'All things',
    'shopping-list' => 'Shopping list',
];
