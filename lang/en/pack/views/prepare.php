<?php

declare(strict_types=1);

return [
    'prepare-theme' => 'Prepare “:theme”',
    'back-to-the-box' => 'Back to the box',
    'print-the-list' => 'Print the list',
    'the-pieces' => 'The pieces',
    'at-one-go' => 'At one go:',
    'task-all-count' => ':task, all :count',
    'nothing-in-this-box-wants' => 'Nothing in this box wants preparing yet. What is still to buy gets its tasks when '
        .'it is there.',
    'the-box-itself' => 'The box itself',
    'paper-if-you-wrap-it' => 'Paper, if you wrap it',
    'a-sheet-of' => 'A sheet of',
    'for-the-base-and-one' => 'for the base and one of',
    'for-the-lid-apart-so' => 'for the lid: apart, so that the box still opens.',
    'rolls-width' => 'Roll’s width',
    'its-length-in-m' => 'its length, in m',
    'work-it-out' => 'Work it out',
    'how-we-like-to-do' => 'How we like to do it',
    'all-of-these-are-good' => 'All of these are good ways; the lists follow yours.',
    'puzzles-go-into-a-bag' => 'Puzzles go into a bag with their picture',
    'else-they-stay-in-their' => '(else they stay in their box, which costs room)',
    'retail-packaging-comes-off' => 'Retail packaging comes off',
    'else-it-stays-for-its' => '(else it stays, for its instructions and as proof that a thing is new)',
    'we-send-a-photo-of' => 'We send a photo of ourselves',
    'else-the-closing-check-does' => '(else the closing check does not ask for one)',
    'save' => 'Save',
    'prepare-theme-2' => 'Prepare :theme',
];
