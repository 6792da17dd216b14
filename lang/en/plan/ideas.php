<?php

declare(strict_types=1);

return [

    'title' => 'Ideas for boxes',
    'link' => 'Ideas for boxes',
    'says' => 'A theme for which there is no box yet. Hold things for it as they come, and note what you look out for.',
    'none' => 'No idea yet. Begin with a theme, or with a find: in the stash, open it and press '
        .'“Begin an idea with it”.',
    'new' => 'New idea',
    'line' => '{0} nothing held yet|{1} one thing held|[2,*] :count things held',
    'wishes-count' => '{0} no wishes|{1} one wish|[2,*] :count wishes',
    'back' => 'All ideas',
    'name' => 'Theme',
    'words' => 'More words',
    'words-hint' => 'What it is about beside its name, separated by commas.',
    'colours' => 'Its colours, at most three',
    'more-colours' => 'Other colours',
    'wishes' => 'Look out for',
    'wishes-hint' => 'One thing a line. What is the name of a kind goes on the box’s shopping list when you open one.',
    'seed' => 'Began with :name.',
    'save' => 'Save',
    'begin' => 'Begin',
    'begun' => '“:name” is begun.',
    'saved' => 'Saved.',
    'drop' => 'Delete this idea',
    'drop-says' => 'What is held for it lies free again. Nothing leaves the stash.',
    'dropped' => '“:name” is deleted; what was held for it lies free.',
    'held' => 'Held for it',
    'held-none' => 'Nothing yet.',
    'held-line' => '{1} one, since :since|[2,*] :count, since :since',
    'held-for' => 'held for “:name” since :since',
    'is-held' => ':name is held for it.',
    'let-go' => 'It lies free again.',
    'let' => 'Let go',
    'hold' => 'Hold one',
    'open-box' => 'Open a box with it',
    'with-idea' => 'With what is held for “:name”',
    'seed-link' => 'Begin an idea with it',
    'wrong' => [
        'name' => 'Give it a name of at most 80 letters.',
        'words' => 'At most 400 letters, please.',
        'text' => 'At most 2,000 letters, please.',
        'wishes' => 'At most :most wishes, please.',
    ],

];
