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
    'each' => ':who: :count',
    'a-box' => 'What a box cost',
    'season' => ':year, :boxes',
    'range' => ':least to :most, :middle in the middle',
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
