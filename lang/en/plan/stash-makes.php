<?php

declare(strict_types=1);

return [

    'title' => 'What the stash makes',
    'link' => 'What the stash makes',
    'back' => 'Back to the shelf',
    'makes' => '{0} Your stash does not make one complete box.|{1} Your stash makes one complete box.'
        .'|[2,*] Your stash makes :count complete boxes.',
    'says' => 'Complete is a box that holds all that the drive asks for, of what lies free. Nothing in it would be '
        .'taken out or warned of for its age; whether it all goes in is for the box itself to say.',
    'kits-shut' => 'Kits are not opened for it.',
    'kits-opened' => 'Kits are opened for it: what lies in them counts.',
    'open' => 'With kits opened',
    'shut' => 'With kits as they are',
    'spent' => 'This season’s budget is spent; it ships none of them.',
    'reaches' => '{0} :money is left of this season’s budget: that ships none of them.'
        .'|{1} :money is left of this season’s budget: that ships one of them.'
        .'|[2,*] :money is left of this season’s budget: that ships :count of them.',
    'reaches-more' => '{1} It would do for one more, with what that lacks.'
        .'|[2,*] It would do for :count more, with what these lack.',
    'sort' => ':who, :band',
    'sort-count' => '{0} none|{1} one box|[2,*] :count boxes',
    'most-asked' => 'most asked for',
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

];
