<?php

declare(strict_types=1);

/*
 * What the rules say, by the keys on their cards. Of each: `about` where that is not the piece's own name, `why` it is
 * wrong, the `remedy`, and the `figures` it rests on. `:defers` ends every caution: we warn, and certify nothing.
 */
return [

    'defers' => 'Follow your drive’s guide and the law where you are.',

    'trait' => ['why' => ':why', 'remedy' => ':remedy'],

    'guide' => [
        'lost' => [
            'about' => 'Guide',
            'why' => 'The guide of this box is gone or cannot be read, so nothing was checked.',
            'remedy' => 'Plan the box by another guide.',
        ],
    ],

    'age' => [
        'bags-of-ours' => [
            'about' => 'Our bags, tape and rubber bands',
            'why' => 'A thin bag can close a small child’s mouth and nose; tape and rubber bands come off and are '
                .'swallowed.',
            'remedy' => 'Use bags of cloth or paper, or with holes, and no rubber band inside the box. :defers',
            'figures' => '{1} 1 piece that we bag or tape|[2,*] :count pieces that we bag or tape',
        ],
        'balloon' => [
            'why' => 'Children under eight can choke on balloons.',
            'remedy' => 'Keep them for older children. :defers',
            'figures' => 'under :years years',
        ],
        'button-cell' => [
            'why' => 'Button cells burn when swallowed.',
            'remedy' => 'Choose one without, or with a screwed cover. :defers',
        ],
        'cap' => [
            'why' => 'A loose cap can choke a small child.',
            'remedy' => 'Choose one without a cap. :defers',
        ],
        'for-older' => [
            'why' => 'It is for older children.',
            'remedy' => 'Choose something for this age, or keep it if you are sure.',
            'figures' => 'for ages :from to :to',
        ],
        'for-younger' => [
            'why' => 'It is for younger children.',
            'remedy' => 'Choose something for this age, or keep it if you are sure.',
            'figures' => 'for ages :from to :to',
        ],
        'long-cord' => [
            'why' => 'A long cord can catch a small child’s neck.',
            'remedy' => 'Shorten it or leave it out. :defers',
            'figures' => ':cord of cord; :most at most',
        ],
        'magnet' => [
            'why' => 'Strong magnets are dangerous when swallowed.',
            'remedy' => 'Leave it out. :defers',
            'figures' => 'under :years years',
        ],
        'neck-cord' => [
            'why' => 'A drawstring at hood or neck can catch and strangle.',
            'remedy' => 'Pull it out, then say so where the thing is described. :defers',
        ],
        'sharp' => [
            'why' => 'It is sharp, and this child is too young for it.',
            'remedy' => 'Keep it for an older child. :defers',
        ],
        'small-ball' => [
            'why' => 'A ball so small can close a small child’s throat.',
            'remedy' => 'Choose one larger than :most. :defers',
            'figures' => ':across across',
        ],
        'small-parts-part' => [
            'why' => 'A part of it goes into the small-parts cylinder: a child under three can choke on it.',
            'remedy' => 'Choose something in one large piece. :defers',
            'figures' => ':size, in a cylinder 31.7 mm across and 25.4 to 57.1 mm deep',
        ],
        'small-parts-whole' => [
            'why' => 'It goes whole into the small-parts cylinder: a child under three can choke on it.',
            'remedy' => 'Choose something in one large piece. :defers',
            'figures' => ':size, in a cylinder 31.7 mm across and 25.4 to 57.1 mm deep',
        ],
    ],

    'measure' => [
        'cord' => [
            'why' => 'Nobody knows how long its cord is; over :most it can catch a small child’s neck.',
            'remedy' => 'Measure it, and shorten it where it is longer.',
        ],
        'near-the-cylinder' => [
            'why' => 'Its kind is just larger than what a small child could choke on.',
            'remedy' => 'Measure this one.',
            'figures' => ':size, as is usual',
        ],
    ],

    'missing' => [
        'one' => [
            'why' => 'The guide asks for :name.',
            'remedy' => 'Pick it, or put it on the list to buy.',
            'figures' => ':held of :asked',
        ],
        'several' => [
            'why' => 'The guide asks for :name (:asked).',
            'remedy' => 'Pick it, or put it on the list to buy.',
            'figures' => ':held of :asked',
        ],
        'more' => [
            'why' => 'The guide asks for :name (:lacks more).',
            'remedy' => 'Pick it, or put it on the list to buy.',
            'figures' => ':held of :asked',
        ],
    ],

    'count' => [
        'low' => [
            'why' => 'Most boxes have more.',
            'remedy' => 'Most have :usual.',
            'figures' => ':count in the box, :usual are usual',
        ],
        'many' => [
            'why' => 'Most boxes have fewer.',
            'remedy' => 'Most have :usual.',
            'figures' => ':count in the box, :usual are usual',
        ],
    ],

    'set' => [
        'pick' => ['why' => ':why', 'remedy' => 'Pick it as well, or leave it out if you are sure.'],
        'see-to' => ['why' => ':why', 'remedy' => 'See to it, and tick it off.'],
    ],

    'twice' => [
        'hidden' => [
            'why' => 'One is inside something else already.',
            'remedy' => 'Take one out, or say that it is on purpose.',
            'figures' => ':count on :lines lines',
        ],
        'same-kind' => [
            'why' => 'The same kind of thing is in it more than once.',
            'remedy' => 'Take one out, or say that it is on purpose.',
            'figures' => ':count on :lines lines',
        ],
    ],

    'size' => [
        'covers-some' => [
            'why' => 'It fits some of this age group only.',
            'remedy' => 'Aim at the top of the age group: children grow.',
            'figures' => ':label; :fit',
        ],
        'label-against-measure' => [
            'why' => 'It is shorter than the foot its label means.',
            'remedy' => 'Trust the ruler, not the label.',
            'figures' => ':length long; :label',
        ],
        'none' => [
            'why' => 'Nobody wrote down its size.',
            'remedy' => 'Write down what its label says.',
        ],
        'outfit-disagrees' => [
            'about' => ':name and :other',
            'why' => 'They are for two children of different size.',
            'remedy' => 'Choose clothes of one size, near the top of the age group.',
            'figures' => ':smaller against :larger',
        ],
        'shoes-disagree' => [
            'about' => ':name and :other',
            'why' => 'The shoes and the clothes are for children of different ages.',
            'remedy' => 'Choose both for one child, or say that it is on purpose.',
            'figures' => ':smaller; :larger',
        ],
        'too-large' => [
            'why' => 'It is larger than this age group.',
            'remedy' => 'Keep it for an older child.',
            'figures' => ':label; :fit',
        ],
        'too-small' => [
            'why' => 'It is too small for half of this age group or more.',
            'remedy' => 'Choose a larger one.',
            'figures' => ':label; :fit',
        ],
        'unread' => [
            'why' => 'We cannot read the size “:label”.',
            'remedy' => 'Write down what its label says.',
        ],
    ],

    'prepare' => [
        'batteries' => [
            'why' => 'Batteries that touch metal run down or get hot.',
            'remedy' => 'Tape their ends, or leave the pack closed.',
        ],
        'cover-points' => ['why' => 'It is sharp.', 'remedy' => 'Cover the point or the blade.'],
        'leaks' => ['why' => 'It leaks when it is pressed.', 'remedy' => 'Bag it twice.'],
        'not-food' => ['why' => 'It looks good enough to eat.', 'remedy' => 'Mark it “not food”.'],
        'prices' => [
            'about' => 'Prices',
            'why' => 'A price found after sealing tells a child what a gift cost.',
            'remedy' => 'Take them off before anything is bagged or wrapped.',
            'figures' => '{1} 1 piece may still carry one|[2,*] :count pieces may still carry one',
        ],
    ],

    'privacy' => [
        'envelope' => [
            'why' => 'An envelope that might hold money is opened on the way.',
            'remedy' => 'Write on it that it holds no money, and put none in.',
        ],
        'photo' => [
            'why' => 'A photo shows your face to people you do not know.',
            'remedy' => 'Decide whether you want to: no address, no full name.',
        ],
        'tuck-away' => [
            'why' => 'It should not be the first thing the child sees.',
            'remedy' => 'Fold it into something else.',
        ],
    ],

    'used' => [
        'looks-new' => [
            'why' => 'It may be second-hand.',
            'remedy' => 'Look it over: does it look new and whole?',
        ],
    ],

];
