<?php

declare(strict_types=1);

/* What the core says is wrong, by its ids. */
return [
    'band' => [
        'unreadable' => '“:text” is not an age band; write it like 4-7.',
        'ends-before-it-starts' => 'An age band must not end before it starts; got :from to :to years.',
    ],
    'code' => [
        'unreadable' => '“:text” is no box code. One reads like 0014-M: the box’s number, then a letter.',
        'mistyped' => 'The letter of “:text” does not go with its number. Look at the label once more.',
    ],
    'docket' => [
        'unreadable' => '“:text” is no docket number. One has :least to :most letters and digits, like QH-204417.',
    ],
    'file' => [
        'not-json' => ':file: not a JSON object (:what).',
        'unreadable' => ':file: there is no such file that can be read.',
        'field' => ':file: :path :wanted.',
        'field-because' => ':file: :path :wanted: :why',
        'unknown-field' => ':file: :path is not a field of this format.',
    ],
    'guide' => [
        'no-such-day' => '“:day” is no day of every year; write month and day, like 12-18.',
    ],
    'kind' => [
        'twice' => 'The kind “:id” is in the catalogue twice.',
    ],
    'left' => [
        'none' => 'The last of “:name” is set aside for another box already.',
        'fewer' => 'Only :left of “:name” are left; :asked were asked for.',
        'on-its-way' => '“:name” is ordered and not here yet.',
        'in-doubt' => 'Something is wrong with “:name”; decide first what becomes of it.',
        'fewer-than-set-aside' => ':count of “:name” are set aside for boxes or gone, so the lot cannot hold fewer.',
        'some-is-in-boxes' => 'Some of “:name” is in boxes that are packed, so it has come. Take it out of them first, '
            .'or split off what is still to come.',
    ],
    'length' => [
        'unreadable' => '“:text” is not a length we can read. Write it like 210, 11.5 cm or 4 1/2 in.',
        'not-above-zero' => 'A length must be more than zero.',
        'too-long' => 'That is longer than :most cm, the most that can be written down.',
    ],
    'money' => [
        'unknown-currency' => '“:code” is not a currency code; one has three capital letters.',
        'unreadable' => '“:text” is not an amount we can read. Write it like 1.25 or 1,25.',
        'other-currency' => '“:text” looks like another currency than :code. What did it cost in :code? Write the '
            .'figure alone.',
        'below-zero' => 'An amount cannot be below zero.',
        'too-many-decimals' => '“:text” has more decimals than :code holds (:digits). Leave out marks between '
            .'thousands.',
        'too-much' => 'That is over :most, the most that can be written down.',
        'mixed-currencies' => ':one and :other cannot be added up.',
        'no-pieces' => 'A pack holds at least one piece.',
    ],
    'palette' => [
        'unreadable' => '“:text” is not a colour; one is written like #1d2f6f.',
        'too-many' => 'A theme has up to three colours; got :count.',
    ],
    'receipt' => [
        'more' => 'More comes off than the things come to.',
        'nothing' => 'There is nothing with a price that this could be spread over.',
    ],
    'step' => [
        'at' => 'Step :place: :why',
        'percent-off' => ':percent % off cannot be: from 0 to 100.',
        'tax' => 'A tax of :percent % cannot be: from 0 to 100.',
        'below-zero' => ':amount off is more than the :total it costs by then.',
        'costs-more' => 'It cannot cost :amount now: by then a pack costs only :each.',
        'buy-get' => '“Buy :buy, get :get” cannot be: each from 1 to 1000.',
        'unreadable-percent' => '“:text” is not a percentage. Write it like 30 or 7.5.',
        'unreadable-buy-get' => '“:text” cannot be read. Write “buy two, get one” as 2+1.',
    ],
    'tasks' => [
        'in-a-circle' => 'These tasks wait for one another: :tasks.',
    ],
    'track' => [
        'not-as-agreed' => 'The answer makes no sense: it is not written as agreed.',
        'another-docket' => 'The answer makes no sense: it is about another docket.',
        'no-story' => 'The answer makes no sense: it tells no story.',
        'out-of-order' => 'The answer makes no sense: a step is missing or out of order.',
        'too-early' => 'The answer makes no sense: a step comes before the one that leads to it.',
        'yet-to-come' => 'The answer makes no sense: a step is yet to come.',
        'step-not-as-agreed' => 'The answer makes no sense: a step is not written as agreed.',
        'no-such-step' => 'The answer makes no sense: it tells of a step that there is not.',
        'no-day' => 'The answer makes no sense: a day is none.',
        'no-country' => 'The answer makes no sense: the country is none.',
        'no-list' => 'The answer makes no sense: a list of things is none.',
        'no-name' => 'The answer makes no sense: a thing has no name.',
    ],
    'typed' => [
        'unreadable' => 'Of what was typed, this cannot be read: :fields.',
    ],
];
