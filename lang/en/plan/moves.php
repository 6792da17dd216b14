<?php

declare(strict_types=1);

return [

    // What goes in at one step.
    'one' => '“:name”',
    'several' => ':count × “:name”',
    'bundle' => ':count × “:name”, as one bundle,',
    'listed' => ':count × :name',

    'fill' => 'Fill “:holder” first: :names.',
    'tuck' => 'Tuck into “:holder” first: :names.',

    'act' => [
        'lay' => 'Lay :what flat :where.',
        'cover' => 'Lay :what flat, cover up, :where.',
        'neck' => 'Lay :what down, neck to the :side, :where.',
        'opening' => 'Lay :what on its side, opening to the :side, :where.',
        'long' => 'Lay :what :where.',
        'edge' => 'Stand :what on its edge :where.',
        'upright' => 'Stand :what upright :where.',
        'put' => 'Put :what :where.',
        'slant' => 'Lay :what diagonally :where.',
        'bend' => 'Lay :what flat, its end bent up the :side wall, :where.',
        'press' => 'Press :what in, to about :size, :where.',
        'push' => 'Push :what into shape :where.',
        'fold' => ':fold:size, and lay it :where.',
        'fold-several' => ':fold:size, and lay them :where.',
        'filled' => 'Draw :what close round what is in it, to about :size, and lay it :where.',
    ],

    'fold' => [
        'as-it-is' => 'Take :what as folded',
        'once' => 'Fold :what in half',
        'in-three' => 'Fold :what in three',
        'twice' => 'Fold :what in half twice',
        'small' => 'Fold :what small',
        'rolled' => 'Roll :what up',
    ],
    'hand' => ', about as wide as your hand',
    'size' => ', to about :size',
    'hand-each' => ', each about as wide as your hand',
    'size-each' => ', each to about :size',

    'where' => [
        'floor' => 'on the floor',
        'on' => 'on “:other”',
        'corner' => 'in the :first :second corner',
        'wall' => 'against the :first wall',
        'above' => ':high above the floor',
        'from' => ':far from the :first wall',
        'right-at' => 'right at the :first wall',
        'beside' => [
            'left' => 'to the left of “:other”',
            'right' => 'to the right of “:other”',
            'front' => 'in front of “:other”',
            'back' => 'behind “:other”',
        ],
        // Of two that go in at one go, the second by the first.
        'beside-it' => [
            'left' => 'to the left of it', 'right' => 'to the right of it',
            'front' => 'in front of it', 'back' => 'behind it',
        ],
    ],
    'sides' => ['left' => 'left', 'right' => 'right', 'front' => 'front', 'back' => 'back', 'up' => ''],

];
