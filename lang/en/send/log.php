<?php

declare(strict_types=1);

return [

    'title' => 'Log',
    'tab' => 'Log and map',
    'what-for' => 'Every box that was handed in, of all seasons, as it was then.',
    'words' => 'Theme, code, packer, piece, giver, docket or country',
    'season' => 'Season',
    'band' => 'Age',
    'gender' => 'For',
    'all' => 'all',
    'look' => 'Look',
    'everything' => 'Show all',
    'count' => '{0} No box matches.|{1} One box.|[2,*] :count boxes.',
    'empty' => 'Nothing is in the log yet. A box comes here when it is handed in, and stays.',
    'for' => ':who, :band',
    'by' => 'handed in on :day by :name',
    'in-it' => 'In it: :pieces',
    'piece' => '{1} :name|[2,*] :count × :name',
    'piece-from' => '{1} :name, from :giver|[2,*] :count × :name, from :giver',
    'kinds' => 'What went into these most',
    'kind' => '{1} in one box|[2,*] in :count boxes',
    'map' => 'Where the boxes were given out',
    'map-says' => 'Each mark tells how many boxes; choose one to see them.',
    'map-mark' => '{1} 1 box: :where|[2,*] :count boxes: :where',
    'map-boxes' => '{1} one box|[2,*] :count boxes',
    'map-unknown' => '{1} Of one box nobody has told yet where it was given out.'
        .'|[2,*] Of :count boxes nobody has told yet where they were given out.',
    'map-everywhere' => 'All countries',
    'map-chosen' => 'Given out in :where.',
    'pages' => 'Pages of the log',
    'newer' => 'Newer',
    'older' => 'Older',
    'page' => 'Page :page of :pages',

];
