<?php

declare(strict_types=1);

return [

    'title' => 'The season in review',
    'tab' => 'Review',
    'heading' => 'Season :year in review',
    'seasons' => 'Seasons',
    'print' => 'Print it',
    'none' => 'No box of this season is handed in yet.',
    'figures' => [
        'boxes' => 'Boxes handed in',
        'cost' => 'What they cost, with shipping gifts',
        'middle' => 'A box in the middle',
        'saved' => 'Saved against list prices',
    ],
    'without-price' => '{1} One piece in them has no known price and is not counted.'
        .'|[2,*] :count pieces in them have no known price and are not counted.',
    'for-whom' => 'For whom',
    'count' => '{1} one box|[2,*] :count boxes',
    'a-box' => 'What a box cost',
    'season' => ':year, :boxes',
    'range' => ':least to :most, :middle in the middle',
    'of-goal' => ':made of :goal',
    'months' => 'Where the money went, month by month',
    'nothing-bought' => 'Nothing was bought this season.',
    'finds' => 'Most expensive, and best finds',
    'dearest' => 'Most expensive by the piece',
    'best' => 'Most saved against the list price',
    'each' => ':who: :count',
    'find' => ':name, :each a piece, :where',
    'saved-of' => ':name, :paid instead of :list, :where',
    'findings' => 'What was flagged most',
    'findings-none' => 'Nothing was flagged in these boxes.',
    'finding' => '{1} in one box|[2,*] in :count boxes',
    'left-out' => 'Left out most',
    'left-out-none' => 'Nothing that was planned had to stay out.',
    'left' => 'Left for next year and for top-up bags',
    'left-none' => 'Nothing lies free.',
    'bags' => '{0} No top-up bag was handed in.|{1} One top-up bag was handed in.'
        .'|[2,*] :count top-up bags were handed in.',
    'to-bags' => 'Make top-up bags',
    'pdf' => 'As a file (PDF)',
    'file' => 'season-:year.pdf',
    'page' => 'Page :page of :pages',
    'lids' => 'Lids',
    'lids-seen' => '{0} No lid was closed at the bench yet.'
        .'|{1} Of the one lid closed at the bench, :right closed as it was foretold.'
        .'|[2,*] Of the latest :count lids closed at the bench, :right closed as they were foretold.',
    'thank' => 'To thank',
    'thanks-hint' => 'Take them as they are, or say it your own way.',
    'nobody' => 'Nothing was given this season.',
    'thanks' => 'Dear :giver, thank you for what you gave: :things. It went into “:boxes”, to make a child happy.',
    'thanks-waiting' => 'Dear :giver, thank you for what you gave: :things. It waits for one of our next boxes.',

];
