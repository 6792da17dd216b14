<?php

declare(strict_types=1);

return [

    'link' => 'One like this',
    'title' => 'A box like “:theme”',
    'says' => 'With the same things where they lie free, with others of their kind where they do not, and clothes in '
        .'the size that suits; the rest goes on its list to buy. What is not for this child stays out, and is named.',
    'band' => 'For which age',
    'gender' => 'Girl or boy',
    'theme' => 'Its theme',
    'count' => 'How many',
    'count-hint' => 'More than one are numbered after the theme, and then stand side by side.',
    'run' => ':count boxes are planned, side by side with the one they are like.',
    'plan' => 'Plan this box',
    'cancel' => 'Cancel',
    'planned' => 'It is planned: :there of :all pieces lay free, the rest is on its list to buy.',
    'not' => 'Not carried over: :what.',
    'left' => [
        'flagged' => ':name (would be taken out, or is not for this age)',
        'other-age' => ':name (is for other ages)',
    ],
    'wrong' => [
        'band' => 'Choose one of the drive’s age groups.',
        'gender' => 'Choose for whom it is.',
        'count' => 'A number from 1 to :most.',
        'theme' => 'Give it a theme, in at most 80 letters.',
    ],

];
