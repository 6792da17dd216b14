<?php

declare(strict_types=1);

return [

    'step-of' => '{0} Nothing is in yet; :total go in.|[1,*] Step :count of :total: :says',
    'layer' => 'Layer :number: :names',
    'turns' => ['from the front', 'from the left', 'from the back', 'from the right'],

    'nothing-yet' => 'Nothing in it yet. Pick the first piece and see where it goes.',
    'later' => 'Another box of yours is being worked out just now; this follows in a moment.',
    'not-tried' => 'How it goes in was not checked yet.',
    'packed' => '{0} Nothing goes in.|{1} One step, seen from the front right.|[2,*] In :count steps, numbered as they '
        .'go in.',
    'drawing' => 'The open box, seen from the front right. In it: :names.',
    'nothing' => 'nothing',

    // Where a piece lies: left to right, then front to back.
    'where' => [
        'near-near' => 'at the front left',
        'middle-near' => 'in the middle of the front',
        'far-near' => 'at the front right',
        'whole-near' => 'along the front',
        'near-middle' => 'in the middle of the left side',
        'middle-middle' => 'in the middle',
        'far-middle' => 'in the middle of the right side',
        'whole-middle' => 'along the middle',
        'near-far' => 'at the back left',
        'middle-far' => 'in the middle of the back',
        'far-far' => 'at the back right',
        'whole-far' => 'along the back',
        'near-whole' => 'along the left side',
        'middle-whole' => 'across the middle',
        'far-whole' => 'along the right side',
        'whole-whole' => 'over the whole of it',
    ],
    'on-floor' => 'on the floor',
    'rises' => '“:name” rises :high over the rim until the lid presses it.',
    'not-seen' => 'Not among what is seen first, as there was no room for it on top: :names.',
    'in-sight' => 'In sight when the lid comes off: :names. Lay something over it, a shirt or the letter, before the '
        .'lid goes on.',
    'gave-way' => [
        'flats-first' => 'Flat things first, as far as it goes: :share % of them lie on the floor.',
        'flats-last' => 'Flat things last, as far as it goes: :share % of them lie on top.',
        'flats-wall' => 'Flat things along the wall, as far as it goes: :share % of them stand there.',
    ],
    'parted' => 'It closes if this goes in loose: :names.',
    'parted-of' => ':name, :counts',
    'first-sight' => 'First sight',
    'first-sight-says' => 'What the child sees when the lid comes off: :names.',
    'own-colours' => 'Each in its own colour, as far as that is known.',
    'from-above' => 'The open box from straight above. On top: :names.',
    'lid' => 'The lid',

    'own' => [
        'heading' => 'Pack “:name” your own way',
        'pin' => 'Keep it exactly here',
        'free' => 'Let it be moved again',
        'top' => 'On top',
        'bottom' => 'At the bottom',
        'left' => 'Along the left wall',
        'right' => 'Along the right wall',
        'front' => 'Along the front',
        'back' => 'Along the back wall',
        'earlier' => 'A step earlier',
        'later' => 'A step later',
        'together' => 'Keep them together',
        'loose' => 'Let them go in loose',
        'stay' => 'This stays, whatever else goes',
        'spare' => 'May be left out again',
        'forget' => 'Forget all of it',
        'wished' => 'Your own way',
        'nowhere' => '“:name” lies nowhere yet, so it cannot be kept where it is.',
        'gone' => 'Packed by the engine’s plan again.',
        'is' => [
            'pinned' => 'kept where it is', 'top' => 'on top', 'bottom' => 'at the bottom',
            'left' => 'along the left wall', 'right' => 'along the right wall', 'front' => 'along the front',
            'back' => 'along the back wall', 'stays' => 'stays', 'together' => 'kept together', 'loose' => 'loose',
            'earlier' => 'earlier', 'later' => 'later',
        ],
        'free-of-cost' => 'Planned again around that: :now, as before.',
        'costs' => 'Planned again around that: :now, before it: :before.',
    ],

    'larger' => 'Draw it larger',
    'smaller' => 'Draw it smaller',
    'tap' => 'Tap a piece, and read its name here; by keyboard, up and down.',
    'answers' => 'What else could be done with',
    'all-in' => 'all goes in, :verdict',
    'still-out' => '{1} 1 still does not fit|[2,*] :count still do not fit',
    'left-out' => 'Left out, and back in the stash.',
    'swapped' => ':name took its place.',
    'now-in' => 'Packed in “:box” from now on.',
    'now-by' => ':school, from now on.',
    'errors' => ['counts' => 'Say how many of which piece are to be left out.'],

    'leave-out' => [
        'heading' => 'Leave out',
        'first' => 'costs the box least; the rest goes in, :verdict',
        'also' => 'the rest goes in, :verdict',
        'none' => 'No one piece and no two that could be spared would do. Look at the swaps and the other boxes.',
        'do' => 'Leave out',
        'must-haves' => '{0} Must-haves stay :filled of :asked.|{1} Then :filled of :asked must-haves: one is lost.'
            .'|[2,*] Then :filled of :asked must-haves: :count are lost.',
    ],

    'swap' => [
        'heading' => 'Or swap',
        'smaller' => '“:instead” for “:name”, a smaller one of its kind',
        'unpacked' => ':name out of its packaging',
        'folded' => ':name folded once less, flatter and broader',
        'emptied' => ':name emptied, with what it holds packed beside it',
        'none' => 'Nothing smaller of the same kind is on hand that would help, and nothing here gets smaller by '
            .'unpacking or folding.',
        'do' => 'Swap in',
    ],

    'nooks' => [
        'heading' => 'Nooks that are left',
        'none' => 'Hardly a nook is left: nothing wider than a pencil.',
        'fitting' => 'On hand, and would go in without moving anything',
        'do' => 'Pick one',
    ],

    'boxes' => ['heading' => 'The same in another box', 'do' => 'Use this box'],

    'orders' => [
        'heading' => 'Another way of packing',
        'do' => 'Pack it so',
        'flats-first' => ['name' => 'Flat things first', 'says' => 'Books and sheets make the floor.'],
        'flats-last' => ['name' => 'Flat things last', 'says' => 'Books and sheets go on top, to press with.'],
        'flats-wall' => ['name' => 'Flat things along the wall', 'says' => 'Books and sheets stand at the back.'],
    ],

    'sure' => [
        'heading' => 'How sure is that?',
        'all-measured' => 'Everything in it was measured by hand.',
        'unmeasured' => '{1} Worked out from the usual measures of its kind: :names.|[2,6] Worked out from the usual '
            .'measures of their kinds: :names.|[7,*] Worked out from the usual measures of their kinds: :names and '
            .':more more.',
        'closes' => 'With measures a little off, it all fits in :closed of :tries trial runs.',
        'settles' => 'Measure “:name” to be surer.',
        'measure' => 'Measure it',
        'boxes-tried' => '{0} No box has been left alone long enough.|{1} One box was tried.|[2,*] :count boxes were '
            .'tried.',
        'try' => 'Try it with measures a little off',
    ],

    'look-again' => 'Look again',
    'cautions' => [
        'hard-to-empty' => '“:name” is so full that a child may not get “:other” out again. Try it, or take '
            .'something out.',
        'hard-on-soft' => '“:name” lies hard on “:other”. Lay something soft between them, or let them change places.',
        'long-under-lid' => '“:name” is long and reaches above the rim: it pushes the lid up along its whole length.',
        'bulge-in-the-middle' => '“:name” bulges in the middle of the lid, where bands slip. Move it to a corner.',
    ],

];
