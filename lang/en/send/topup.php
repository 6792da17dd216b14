<?php

declare(strict_types=1);

return [

    'title' => 'Top-up bags',
    'what-for' => 'What no box of yours needs can fill up someone else’s thin one: a bag for each category and age '
        .'group, labelled.',
    'left' => 'What lies free',
    'left-lane' => '{1} one piece|[2,*] :count pieces',
    'make' => 'Make a bag',
    'nothing' => 'Nothing lies free in the stash.',
    'bags' => 'Your bags',
    'no-bags' => 'None yet this season.',
    'name' => ':lane, :band',
    'any' => 'any age',
    'count' => '{1} one piece|[2,*] :count pieces',
    'cost' => 'together :cost',
    'cost-unknown' => '{1} one of them without a known price|[2,*] :count of them without a known price',
    'handed-in' => 'handed in on :day',
    'hand-in' => 'It is handed in',
    'take-back' => 'Not handed in after all',
    'unpack' => 'Unpack it',
    'print' => 'Print the labels',
    'new-title' => 'A bag of :lane',
    'new-says' => 'Say how many of each go in. They are no longer on hand then.',
    'band' => 'For which age',
    'of' => 'of :count',
    'how-many' => 'How many of :name',
    'pack' => 'Pack this bag',
    'cancel' => 'Cancel',
    'packed' => '{1} The bag is packed: one piece.|[2,*] The bag is packed: :count pieces.',
    'unpacked' => 'What was in it is back in the stash.',
    'is-handed-in' => 'The bag is handed in.',
    'is-back' => 'The bag is back.',
    'wrong' => 'How many of it: a whole number from 0 to :most.',
    'nothing-in-it' => 'Say of at least one thing how many go in.',
    'label' => 'TOP-UP: :lane',
    'label-for' => 'For :band',
    'label-by' => ':count pieces, from :crew',
    'file' => 'top-up-labels-:day.pdf',
    'in-log' => 'Top-up bags',
    'in-log-line' => ':name: :pieces',

];
