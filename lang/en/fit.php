<?php

declare(strict_types=1);

return [

    'step-of' => '{0} Nothing is in yet; :total go in.|[1,*] Step :count of :total: :name, :place',
    'layer' => 'Layer :number: :names',
    'turns' => ['from the front', 'from the left', 'from the back', 'from the right'],

    'nothing-yet' => 'Nothing in it yet. Pick the first piece and see where it goes.',
    'not-tried' => 'How it goes in was not tried yet.',
    'packed' => '{0} Nothing goes in.|{1} One piece, seen from the front right.|[2,*] :count pieces, numbered in the order in which they go in.',
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
    'inside' => 'inside :holder',

    'how' => [
        'flat' => '',
        'on-edge' => 'on its edge',
        'upright' => 'standing upright',
        'diagonal' => 'corner to corner',
        'up-the-wall' => 'bent up the wall',
        'refolded' => 'folded anew to fit',
        'pressed' => 'pressed down',
        'moulded' => 'poured into the gap',
    ],

];
