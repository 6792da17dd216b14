<?php

declare(strict_types=1);

return [
    'as-handed-in' => 'As it was handed in on :day.',

    'ticked' => 'Ticked.',
    'unticked' => 'The tick is removed.',
    'and-more' => ':names and :more more',
    'open' => '{0} All done. Put the lid on.|{1} One thing is left to do.|[2,*] :count things are left to do.',
    'packed' => 'It is packed.',
    'then' => 'Next:',
    'to-send' => 'Label it and hand it in',
    'to-pack' => 'Pack another',
    'close' => 'Put the lid on: it is packed',
    'close-all-the-same' => 'Close it anyway',

    'fine' => [
        'must-haves' => 'Every must-have is in it.',
        'to-mend' => 'Nothing would be taken out, and nothing hurts a small child that we know of.',
        'to-ask' => 'Nothing is left to ask about.',
        'to-buy' => 'Nothing is still to buy.',
        'prepared' => 'Every piece is prepared.',
        'box-ready' => 'The box is sound.',
        'note' => 'A note is in it.',
        'photo' => 'A photo is in it.',
        'lid' => 'The lid closes over all of it.',
        'box-limit' => 'The box is not larger than the drive takes.',
    ],
    'open-line' => [
        'must-haves' => 'Missing: :names',
        'to-mend' => 'Problems to fix: :names',
        'to-ask' => 'To ask about: :names',
        'to-buy' => 'Still to buy: :names',
        'on-the-way' => 'Not here yet: :names',
        'prepared' => 'Still to prepare: :names',
        'box-ready' => 'Check that the box is not damaged.',
        'note' => 'No note is in it.',
        'photo' => 'You send photos; none is in it.',
        'lid' => 'The lid does not close over all of it, as far as we tried.',
        'box-limit' => ':names is larger than the drive takes.',
    ],
    'left-line' => [
        'must-haves' => 'Missing on purpose: :names',
        'to-mend' => 'Left in on purpose: :names',
        'to-ask' => 'Kept on purpose: :names',
    ],
    'ticks' => [
        'counted' => '{0} What lies inside :names is counted.|[1,*] What lies inside other things is counted, :count '
            .'in all.',
        'last-look' => 'One more look: what is seen first looks like a gift.',
        'bands' => '{0} The lid is held as it needs.|{1} One rubber band is round it.|[2,*] :count rubber bands are '
            .'round it.',
        'label' => 'The label says :for.',
        'gift' => 'The shipping gift of :gift is paid or put aside.',
    ],
    'do' => [
        'must-haves' => 'See what is missing',
        'to-mend' => 'See the flags',
        'to-ask' => 'See the flags',
        'to-buy' => 'To the shopping list',
        'on-the-way' => 'To the stash',
        'prepared' => 'To the tasks',
        'box-ready' => 'To the tasks',
        'note' => 'Pick one',
        'photo' => 'Pick one',
        'lid' => 'See how it goes in',
        'box-limit' => 'Change the box',
    ],

];
