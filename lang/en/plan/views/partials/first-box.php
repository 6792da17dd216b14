<?php

declare(strict_types=1);

return [
    'your-first-box' => 'Your first box',
    'you-need-nothing-in-the' => 'You need nothing in the stash to begin. Plan a box straight from the drive guide\'s '
        .'list, go shopping once, and pack it at the table.',
    'plan-your-first-box' => 'Plan your first box',
    'i-have-things-already' => 'I have things already',
    'four-gauges-always-the-same' => 'Four gauges, always the same',
    'every-box-carries-them-each' => 'Every box carries them. Each thing you pick moves them.',
    'say-for-whom' => 'Say for whom',
    'a-band-of-years-girl' => 'An age group, girl or boy, and a theme that holds it together.',
    'see-that-it-fits' => 'See that it fits',
    'the-open-box-shows-where' => 'The open box shows where each piece goes, and whether the lid closes.',
    'write-down-what-you-got' => 'Write down what you got',
    'what-was-paid-and-for' => 'What was paid and for how many: every cent finds its box, and the rest stays in your '
        .'stash.',
    'take-the-list-shopping' => 'Take the list shopping',
    'the-box-comes-with-all' => 'The box comes with all that :drive asks for, as a list to buy. Print it as a check '
        .'sheet.',
    'what-this-child-needs-and' => 'What this child needs and the drive asks for.',
    'what-it-really-cost-piece' => 'What it really cost, piece by piece, shipping gift included.',
    'whether-it-all-goes-in' => 'Whether it all goes in and the lid closes, in what order.',
    'what-would-be-taken-out' => 'What would be taken out, or hurt a small child.',
];
