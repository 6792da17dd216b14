<?php

declare(strict_types=1);

return [

    'title' => 'Tonight’s tasks',
    'says' => 'Everything still to do over these boxes: kits first, then one kind of work at a time, then box by box.',
    'which' => 'Which boxes',
    'people' => 'Who sits at the table',
    'people-hint' => 'Names, separated by commas. The work is shared out fairly, by estimates of ours.',
    'share' => 'Share it out',
    'minutes' => ':name: about :count min',
    'print' => 'Print the list',
    'kits' => 'Fill first',
    'kits-says' => 'What goes into something else.',
    'fill' => ':holder: :what',
    'all-done' => 'All of these are done',
    'boxes' => 'Then box by box',
    'boxes-says' => 'In the layout that closed, where there is one.',
    'bench' => 'Pack it',
    'layout' => 'The layout',
    'nothing' => 'Nothing to do tonight',
    'nothing-says' => 'Every piece in your open boxes is prepared. When you pick more, its tasks show up here.',
    'to-shelf' => 'To the shelf',

];
