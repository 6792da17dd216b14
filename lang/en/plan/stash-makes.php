<?php

declare(strict_types=1);

return [

    'title' => 'What the stash makes',
    'link' => 'What the stash makes',
    'back' => 'Back to the shelf',
    'makes' => '{0} Your stash does not make one complete box.|{1} Your stash makes one complete box.'
        .'|[2,*] Your stash makes :count complete boxes.',
    'says' => 'Complete is a box that holds all that the drive asks for, of what lies free. Nothing in it would be '
        .'taken out or warned of for its age; kits are not opened for it, and whether it all goes in is for the box '
        .'itself to say.',
    'sort' => ':who, :band',
    'sort-count' => '{0} none|{1} one box|[2,*] :count boxes',
    'wanted' => '(:count still wanted)',
    'goal-hint' => 'The sorts that are furthest behind your goal come first.',
    'set-goal' => 'Set a goal',
    'first' => 'What runs out first',
    'first-says' => 'One more box of any sort would lack these, what most sorts lack first.',
    'none-short' => 'Nothing.',
    'more' => 'For :count boxes',
    'more-says' => 'What would have to come in, each by the cheapest kind that will do, at your target prices or what '
        .'you paid on average.',
    'line' => ':pieces × :kind',
    'for-need' => 'for “:need”',
    'unknown' => 'no price known',
    'sum' => 'together about :cost',
    'buy' => 'Begin a box of it',

];
