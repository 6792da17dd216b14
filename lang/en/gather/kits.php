<?php

declare(strict_types=1);

return [

    'title' => 'Kits',
    'what-for' => 'Things put together ahead of any box: a school pouch, a care bag, a filled bottle. A kit lies in '
        .'your stash as one thing, with what is in it and what that cost.',
    'none' => 'No kits yet. Tick what goes in one in your stash, and choose “Make kits of those ticked”.',
    'from-stash' => 'Choose from the stash',
    'make-of' => 'Make kits of those ticked',

    'new' => 'Make kits',
    'in-each' => 'In each kit',
    'on-hand' => ':count on hand',
    'how-many' => 'How many: :name',
    'kind' => 'What it is then',
    'name' => 'What it is called',
    'count' => 'How many kits',
    'can-make' => '{0} There is not enough for one kit: :first is short.|{1} You can make one. :first runs out.|[2,*] '
        .'You can make :count. :first runs out first.',
    'nothing' => 'Nothing goes in yet. Say how many of each.',
    'no-kind' => 'Say what kind of thing the kit is.',
    'packed-in' => 'All of it goes in: :holder.',
    'stuck' => '“:name” does not all go into “:holder”: :count would, beside the rest. If more do, measure the room '
        .'inside it.',
    'cost' => 'One kit costs',
    'cost-unknown' => 'One kit’s cost is not known: a price is missing.',
    'look' => 'Work it out',
    'make' => 'Make them',
    'back' => 'Back to the kits',

    'made' => '{1} One kit is made: “:name”.|[2,*] :count kits are made: “:name”.',
    'apart' => '“:name”: what was in there is back in its place.',
    'is-none' => '“:name” was not put together here, so it cannot be taken apart.',
    'holds' => 'In each: :things.',
    'take-apart' => 'Take apart',
    'take-apart-label' => 'How many to take apart: :name',
    'made-here' => 'Put together from your stash. To change what is in it, take it apart and make it again.',

];
