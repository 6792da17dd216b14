<?php

declare(strict_types=1);

return [
    'nothing-in-the-stash-yet' => 'Nothing in the stash yet',
    'the-stash-is-what-you' => 'The stash is what you have got together for boxes: things bought, given or made, with '
        .'what was paid and where they came from. Put in the first thing, or plan a box straight from the guide\'s '
        .'list and buy for it in one trip.',
    'put-in-the-first-thing' => 'Put in the first thing',
    'plan-a-box-from-the' => 'Plan a box from the guide\'s list',
];
