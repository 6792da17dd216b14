<?php

declare(strict_types=1);

return [

    'title' => 'Practice',
    'what-for' => 'Made-up boxes, to learn it in peace. They are judged by the same rules and packed by the same '
        .'engine as real ones; nothing of it is written down.',
    'levels' => [1 => 'Pictures only', 2 => 'With names', 3 => 'A full box'],
    'own' => 'With one of your own boxes',
    'check' => 'Check it',
    'another' => 'Another one',
    'back' => 'Back to practice',
    'score' => ':score of :most points.',
    'clock' => 'Against the clock',
    'no-clock' => 'Without the clock',
    'seconds' => '{1} In one second.|[2,*] In :count seconds.',
    'in' => ':in of :all in, :closes.',

    'find' => [
        'title' => 'Find what the checkers find',
        'what-for' => 'What may not go into this child’s box, and what is missing?',
        'for' => 'A box for a :who of :band, by the guide of :drive.',
        'take-out' => 'What would you take out?',
        'missing' => 'What is missing?',
    ],
    'judged' => [
        'found' => 'Right, it may not go.',
        'missed' => 'This may not go.',
        'false' => 'This is fine.',
        'fine' => 'Fine.',
    ],
    'judged-need' => ['found' => 'right', 'missed' => 'is missing', 'false' => 'is there'],

    'pack' => [
        'title' => 'Pack it',
        'what-for' => 'Put things into the box by hand, and see what the engine does with the same things.',
        'which' => 'What goes in next?',
        'where' => 'Where does “:name” go?',
        'nowhere' => 'It goes nowhere as things stand.',
        'put-back' => 'Something else first',
        'lid' => 'Put the lid on',
        'you' => 'You:',
        'engine' => 'The engine:',
        'later' => 'is busy with another box of yours. Load the page again.',
        'again' => 'The same box again',
        'yours' => 'Yours',
        'engines' => 'The engine’s',
    ],
    'how' => [
        'flat' => 'Flat', 'on-edge' => 'On edge', 'upright' => 'Upright', 'diagonal' => 'Slanted',
        'up-the-wall' => 'Up the wall', 'refolded' => 'Folded', 'pressed' => 'Pressed', 'moulded' => 'Poured in',
        'nested' => 'Inside',
    ],

];
