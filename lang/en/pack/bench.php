<?php

declare(strict_types=1);

return [
    'title' => 'Packing “:box”',
    'begin' => 'Take it to the bench',
    'go-on' => 'Go on packing, :in of :all in',
    'not-begun' => 'Lay everything out, then begin: one step at a time, and nothing is lost if the lid of the laptop '
        .'closes.',
    'no-plan' => 'Nothing of it goes in yet, so there is nothing to pack.',
    'where-it-stands' => ':box · step :step of :all · :left',
    'minutes' => '{0} nearly done|{1} about a minute to go|[2,*] about :count minutes to go',
    'in' => 'It is in',
    'refused' => 'It did not go in',
    'back' => 'Take back',
    'ahead' => 'Look ahead',
    'behind' => 'Look back',
    'to-now' => 'Back to this step',
    'looking' => 'Only looking: this step comes later.',
    'this-is-in' => 'This one is in',
    'then' => 'Then: :says',
    'before' => 'Before that: :tasks.',
    'list' => 'All steps',
    'is-in' => 'in',
    'nowhere' => 'It goes nowhere as things stand. Put in first what is to lie under it.',
    'meanwhile' => 'Someone at the other screen pressed meanwhile. Look again.',
    'changed' => 'The box was changed since it was laid out.',
    'again' => 'Plan again around what is in',
    'planned-again' => 'Planned again. What is in stayed where it is.',

    'how' => [
        'asked' => '“:name” did not go in. How?',
        'too-tall' => 'Too tall',
        'taken' => 'The place is taken',
        'bulges' => 'It bulges',
        'unliked' => 'I do not like it there',
        'never-mind' => 'Never mind, it goes in',
    ],
    'ways' => [
        'heading' => 'Then go on like this',
        'elsewhere' => 'Try it here instead: :says',
        'behind' => 'Leave it behind, back to the stash; the rest goes in, :closes',
        'out' => 'Take “:out” back out first; then all goes in, :closes',
        'without' => 'without :names',
        'do' => 'Do that',
    ],

    'all-in' => 'All in',
    'press' => 'Put the lid on, press, and look: how did it close?',
    'foretold' => 'We thought: :closes.',
    'closed' => [
        'flat' => 'Flat, with one band', 'snug' => 'Pressed, with two bands', 'tight' => 'Hard, with three bands',
        'open' => 'It did not close',
    ],
    'recorded' => 'Recorded: :closed.',
    'to-closing' => 'On to the closing check',
    'speak' => 'Read the steps aloud',
    'errors' => ['press' => 'Say what was done with which piece.'],
];
