<?php

declare(strict_types=1);

return [

    'title' => 'Fill it for me',
    'heading' => 'Fill “:theme” from the stash',
    'says' => 'Taken from what lies free: first what the drive asks for, then wishes and what is worth it. Nothing '
        .'that would be taken out or warned of, nothing beyond the budget, and the lid closes. What is in it stays. '
        .'Untick what you do not want.',
    'says-buying' => 'Taken from what lies free, and from what you could buy for what it cost you before or should '
        .'cost. What is to be bought goes on the box’s shopping list. Untick what you do not want.',
    'only-here' => 'Only what is here',
    'with-buying' => 'Buying too',
    'to-buy' => 'to be bought, for about this much',
    'link' => 'Fill it for me',
    'back' => 'Back to the box',
    'ways' => [
        'use-up' => 'Use up the stash',
        'as-dear' => 'Spend what the budget allows',
        'hang-together' => 'Hang together',
    ],
    'way' => 'What matters most',
    'another' => 'Another proposal',
    'must' => 'What the drive asks for',
    'more' => 'And beside that',
    'nothing-found' => 'Nothing that lies free would go into this box.',
    'closed' => 'The lid of this box is on; nothing more goes in.',
    'busy' => 'Another box is being worked out just now. Come again in a moment.',
    'line' => ':count × :name',
    'old' => 'it has lain here for more than a year',
    'surprise' => 'something more to find',
    'given-up' => 'What stays open',
    'more-than' => ':need, more than :count',
    'why-not' => [
        'nothing' => ':need: there is not enough of it on hand.',
        'flagged' => ':need: what there is would be taken out, or is not for this age.',
        'money' => ':need: what there is costs more than the budget allows.',
        'room' => ':need: no packing was found in which the lid closes with it.',
    ],
    'then' => 'The box as it would be',
    'no-lid' => 'No packing was found in which the lid closes over all of it.',
    'take' => 'Put in what is ticked',
    'nothing' => 'Tick at least one thing.',
    'filled' => '{1} One thing is in the box.|[2,*] :count things are in the box.',

];
