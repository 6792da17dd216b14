<?php

declare(strict_types=1);

return [
    'draft' => 'What you typed here before is back.',
    'already' => 'That was saved already, once.',
    'wrong' => '{1} Not saved yet: one thing needs a look.|[2,*] Not saved yet: :count things need a look.',
    'undo' => 'Undo',
    'away' => 'Put this message away',
    'gone' => 'That is no longer there; someone may have changed it meanwhile. Load the page again.',
    'stale' => 'This page has expired: reload it. What was saved is safe.',
    'often' => 'Too many tries: wait a minute.',
    'unreachable' => 'Could not reach the server; nothing was saved. What you typed is still here.',
    'busy' => 'Someone else is saving just now. Nothing was lost: try again in a moment.',
    'full' => 'The disk is full or cannot be written to, so nothing was saved. What you typed is still here.',
    'large' => 'That is too large to be sent.',
    'again' => 'Try again',
    'titles' => ['busy' => 'One moment', 'full' => 'That could not be saved'],
    'other' => 'That did not work, and nothing was saved. Please try again.',
];
