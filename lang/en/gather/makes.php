<?php

declare(strict_types=1);

return [

    'title' => 'Homemade',
    'what-for' => 'Things that you make yourselves: washcloths, pouches, booklets, necklaces. What goes in comes off '
        .'your stash, and what you make lies there at what it really cost.',
    'new' => 'New recipe',
    'none' => 'No recipes yet. Write down what you make, what goes in, and how many that gives.',
    'of' => ':count come of: :materials',
    'any' => 'Nothing from the stash goes in.',
    'can-make' => '{0} :first is short: none can be made.|{1} There is enough for one. Then :first runs out.|[2,*] '
        .'There is enough for :count. Then :first runs out.',
    'thought' => 'About :minutes min for :count.',
    'really' => 'It has taken you about :minutes min for :count.',
    'took' => ':minutes min',
    'count' => 'How many',
    'minutes' => 'Minutes it took',
    'make' => 'They are made',
    'lately' => 'Made lately',
    'undo' => 'It was not made',

    'name' => 'What you call it',
    'kind' => 'What kind of thing it is',
    'gives' => 'How many come of it',
    'batch-minutes' => 'Minutes for those (if you know)',
    'materials' => 'What goes in',
    'materials-hint' => 'One a line: “3 Piece of cloth” comes off your stash; “thread 0.40” is what it costs each '
        .'time.',
    'save' => 'Save the recipe',
    'back' => 'Back to the recipes',
    'drop' => 'Delete this recipe',

    'kept' => 'The recipe for “:name” is saved.',
    'dropped' => 'The recipe for “:name” is deleted; what you made by it stays.',
    'made' => '{1} One “:name” is made: :each.|[2,*] :count × “:name” are made: :each each.',
    'no-price' => 'price not known',
    'undone' => 'What went in is back in the stash.',
    'short' => 'These are missing: :names.',
    'is-used' => '“:name” is in a box by now, or was changed; take it out first.',

    'wrong' => [
        'name' => 'Give it a name of up to 80 letters.',
        'name-twice' => 'There is a recipe of that name.',
        'kind' => 'Say what kind of thing it is, by a name that we know.',
        'gives' => 'From 1 to 1000 come of it.',
        'minutes' => 'Whole minutes, like 40.',
        'materials' => 'Say what goes in, one a line.',
        'material' => '“:line” is no kind of thing we know, and has no price behind it.',
        'count' => 'From 1 to 1000 at a time.',
    ],

];
