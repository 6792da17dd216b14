<?php

declare(strict_types=1);

return [
    'currency' => 'This row is in :theirs; your stash is kept in :ours.',
    'holds-money' => 'The column “:column” holds amounts. Say which it is (“paid” for all pieces, “each” for one), '
        .'or leave it out on purpose: nothing is imported before that.',
    'undone' => '{0} There was nothing left to undo.|{1} One row of the import is undone.|[2,*] :count rows '
        .'of the import are undone.',
    'undone-rest' => '{0}|{1} One stays, as it was changed or put into a box since.|[2,*] :count stay, as they were '
        .'changed or put into boxes since.',
    'done-before' => 'This file was imported already.',

    'no-kinds' => 'Say which column tells what each thing is: choose “kind” or “name” for it.',
    'likely' => 'Made out from what they are called; look whether that is right',
    'likely-one' => '“:text” is: :kind',

    'required' => 'Choose a file first.',
    'too-large' => 'That file is too large: at most 6 MB.',
    'not-a-table' => 'That is no table of text. Save your spreadsheet as CSV and choose that file.',
    'too-many' => 'That file has more than :most rows. Send it in parts.',
    'fault' => '“:fault” is nothing that can be wrong: size, thing or damage.',
    // What is wrong with a row, where that is not said as it is beside a field.
    'wrong' => [
        'kind' => 'There is no kind of thing called “:text”.',
        'pieces' => 'Of :column, “:text” is no whole number from 1 to 10,000.',
        'source' => '“:text” is no way we know to get things.',
        'day' => '“:text” is no day from 2000 up to today. Write it like 2026-08-12.',
        'past-day' => '“:text” is no day from 2000 up to today. Write it like 2026-08-12.',
        'number' => 'Of :column, a whole number up to :most, please.',
        'packaging' => 'Please give all three sides of its packaging, or none.',
    ],
    'good' => '{0} No row can be imported.|{1} One row is good.|[2,*] :count rows are good.',
    'bad-more' => 'and :count more',
    'bad' => '{0} |{1} One row is not:|[2,*] :count rows are not:',
    'do' => '{1} Import the good row|[2,*] Import the :count good rows',
    'kept' => '{0} Nothing was new.|{1} One purchase is in the stash.|[2,*] :count purchases are in the stash.',
    'known' => '{0} |{1} One was there already.|[2,*] :count were there already.',
    'left' => '{0} |{1} One row was left out.|[2,*] :count rows were left out.',
    'nothing' => 'Nothing was imported.',

];
