<?php

declare(strict_types=1);

return [

    'title' => 'Begin season :year',
    'says' => 'Everything that is here is proposed; change what you like. Nothing is done before you press the button.',
    'guide' => 'The drive’s guide',
    'guide-copy' => 'Copy it for :year, to be changed when the drive prints its new one',
    'guide-keep' => 'Go on with “:season”',
    'guide-season' => 'season :year',
    'goals' => 'How many boxes',
    'goal' => 'For :band',
    'handed-in' => '{0} none handed in last time|{1} one handed in last time|[2,*] :count handed in last time',
    'budget' => 'What the season may cost',
    'budget-hint' => 'Empty for no budget.',
    'targets' => 'Target prices',
    'targets-says' => 'Where what you really paid lies elsewhere than what you aimed at. Untick what is to stay.',
    'targets-none' => 'Every target is where your prices are, or nothing was bought of it.',
    'target' => 'aimed at :was, paid :paid on average: from now on :to',
    'stays' => 'What stays as it is',
    'left' => '{0} Nothing lies free in the stash.|{1} One piece lies free in the stash; it is there for the new boxes.'
        .'|[2,*] :count pieces lie free in the stash; they are there for the new boxes.',
    'open' => '{0} No box is still open.|{1} One box is still open; it becomes one of the new season.'
        .'|[2,*] :count boxes are still open; they become boxes of the new season.',
    'habits' => 'Your crew’s habits, own kinds, recipes and size labels stay.',
    'log' => 'What was handed in stays in the log.',
    'begin' => 'Begin season :year',
    'begun' => 'Season :year is begun.',
    'already' => 'Season :year was begun on :day by :name.',
    'started-meanwhile' => ':name began this season meanwhile.',
    'back' => 'Back',
    'goal-wrong' => 'A whole number from 0 to :most, please.',

];
