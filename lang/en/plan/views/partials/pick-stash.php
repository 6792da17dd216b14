<?php

declare(strict_types=1);

return [
    'find-in-the-stash' => 'Find in the stash',
    'name-or-place' => 'Name, place',
    'lane' => 'Category',
    'all-categories' => 'All categories',
    'find' => 'Find',
    'only-what-fills-this-need' => 'Only what fills this need.',
    'show-all' => 'Show all',
    'size-label' => ', size :label',
    'how-many-name' => 'How many: :name',
    'pick' => 'Pick',
    'nothing-in-the-stash-goes' => 'Nothing in the stash matches that.',
    'the-stash-is-empty-or' => 'The stash is empty, or all of it is in boxes. Add',
    'a-new-thing' => 'a new thing',
    'or-put-what-the-guide' => ', or put what the guide asks for on the',
    'list-to-buy' => 'list to buy',
];
