<?php

declare(strict_types=1);

return [
    'the-stash' => 'The stash',
    'everything-got-so-far-what' => 'Everything got so far: what is on hand, what is set aside for a box, what a piece '
        .'cost.',
    'new-in-the-stash' => 'New in the stash',
];
