<?php

declare(strict_types=1);

return [
    'what-became-of-it' => 'What became of it',
    'here-on-hand-aside-set' => ':here on hand, :aside set aside, :gone gone, of :pieces.',
    'ordered-due-day' => 'Ordered, due :day.',
    'it-has-arrived' => 'It has arrived',
    'pieces' => 'Pieces',
    'are-gone' => 'are gone',
    'save' => 'Save',
    'how-many-to-split-off' => 'How many to split off',
    'split' => 'Split',
    'merge-with' => 'Merge with',
    'name-pieces-of-day' => ':name, :pieces of :day',
    'merge' => 'Merge',
    'undone' => 'undone',
    'undo' => 'Undo',
];
