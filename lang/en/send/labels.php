<?php

declare(strict_types=1);

return [

    'title' => 'Labels',
    'what-for' => 'Black ink, at their exact size, with lines to cut along. Print at 100 %, without “fit to page”.',
    'back' => 'Back to Send',
    'which' => 'For which boxes',
    'what' => 'What to print',
    'paper' => 'On what paper',
    'none' => 'There is no box on your shelf yet.',
    'print' => 'Make the sheet (PDF)',
    'show' => 'Show what is ticked',
    'choose' => 'Tick at least one box.',
    'choose-card' => 'Choose what to print, and on what paper.',
    'needs-none' => 'None of these boxes needs one of those.',
    'preview' => 'What the first one looks like',
    'stuck' => '{1} Is the label of :names on its box?|[2,*] Are the labels of :names on their boxes?',
    'stick' => 'Stuck on',
    'stuck-on' => '{0} No box was ticked.|{1} One label is on its box.|[2,*] :count labels are on their boxes.',
    'letters' => 'Our print does not have these letters: :letters. Write them by hand, or in another script.',
    'file' => ':card-:day.pdf',

    'cards' => [
        'note' => 'Notes',
        'note-small' => 'Small notes',
        'label' => 'Box labels',
        'slip' => 'Slips for the inside',
        'envelope' => 'Marks for the envelopes',
        'not-food' => '“Not food” tags',
        'picture' => 'Picture cards: what this is for',
    ],
    'says' => [
        'note' => 'the notes that are written here, large enough for a child to read',
        'note-small' => 'the same notes on smaller cards, for boxes in which the others would be bent',
        'label' => 'for the lid: girl or boy, age, what the drive asks for, and the box’s own code',
        'slip' => 'theme, age, your crew and the code, in case the label comes off',
        'envelope' => 'note and photo only, no money inside',
        'not-food' => 'one for each piece that looks or smells like food',
        'picture' => 'drawn, without words, for things that a child may never have seen',
    ],
    'papers' => ['a4' => 'A4', 'letter' => 'Letter'],
    'to-a-page' => ':size mm, :count to a page',

    'for' => [
        'girl' => 'GIRL',
        'boy' => 'BOY',
        'either' => 'GIRL OR BOY',
    ],
    'field' => ':field: :value',
    'by-hand' => ':field: ________',
    'packed-by' => 'Packed by :crew',
    'envelope' => 'Note and photo only',
    'no-money' => 'No money inside',
    'not-food' => 'Not food',

];
