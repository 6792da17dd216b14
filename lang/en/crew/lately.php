<?php

declare(strict_types=1);

return [
    'title' => 'What was done lately',
    'lead' => 'The last 50 things that were done, and the way back. Deleted things wait here for 30 days.',
    'mine' => 'By me',
    'all' => 'By everyone',
    'nothing' => 'Nothing yet. Whatever is put in, changed or deleted is listed here.',
    'undo' => 'Undo',
    'undone' => 'undone',
    'was-undone' => 'Undone.',
    'more' => '{1} and one thing more|[2,*] and :count things more',
    'box' => ':theme: :what:about',
    'lot' => ':name: :what',
    'row' => [
        'added' => ':record added: :name',
        'changed' => ':record changed: :name',
        'deleted' => ':record deleted: :name',
    ],
    'records' => [
        'crew_guides' => 'Guide',
        'own_kinds' => 'Kind of thing',
        'own_labels' => 'Size label',
        'own_themes' => 'Words for a theme',
        'target_prices' => 'Target price',
        'recipes' => 'Homemade',
        'crew_seasons' => 'Goals of the season',
        'evenings' => 'Evening',
        'crews' => 'Settings',
        'other' => 'Something',
    ],
];
