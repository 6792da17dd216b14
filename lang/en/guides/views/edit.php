<?php

declare(strict_types=1);

return [
    'change-guide' => 'Change “:guide”',
    'your-own-guide-what-you' => 'Your own guide. What you type is tried against a box at once; nothing is kept until '
        .'you say so.',
    'back-to-the-guide' => 'Back to the guide',
    'the-drive' => 'The drive',
    'drive' => 'Drive',
    'season' => 'Season',
    'where-the-rules-are-from' => 'Where the rules are from',
    'dated' => 'Dated',
    'age-groups-separated-by-commas' => 'Age groups, separated by commas',
    'hand-in-from-month-day' => 'Hand-in from (month-day)',
    'to-month-day' => 'to (month-day)',
    'main-place' => 'Main place',
    'most-asked' => 'Most asked for (like “8-12 boy”), separated by commas',
    'what-the-label-asks-for' => 'What the label asks for',
    'places-with-their-own-last' => 'Places with their own last day, one a line',
    'any-one-of-the-kinds' => 'Any one of the kinds fills it. Clear a name to drop its row; the last rows are for new '
        .'ones.',
    'name' => 'Name',
    'what-is-flagged' => 'What is flagged',
    'nothing-said' => 'nothing said',
    'why' => 'Why',
    'instead' => 'Instead',
    'tried-on-a-box' => 'Tried on a box',
    'plan-a-box-and-see' => 'Plan a box, and see here what the guide says of it.',
    'which' => 'Which',
    'what-would-change-for-it' => 'What would change for it shows here.',
    'save-the-guide' => 'Save the guide',
    'delete-this-guide' => 'Delete this guide…',
    'it-is-gone-for-good' => 'It is gone for good. The guide it was copied from stays.',
    'delete-it' => 'Delete it',
    'change-drive' => 'Change :drive',
    'shipping-gift-code' => 'Shipping gift (:code)',
    'must-haves' => 'Must-haves',
    'wishes' => 'Wishes',
    'a-new-one' => 'A new one',
];
