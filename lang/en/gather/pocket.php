<?php

declare(strict_types=1);

return [
    'keep' => 'Bought it: save it',
    'kept' => 'Saved here:',
    'unknown' => 'There is no kind of that name. Type another, and choose from the list.',
    'sent' => 'Sent:',
    'mend' => 'Change',
    'drop' => 'Delete',
    'no-signal' => 'No signal. What you save waits here and is sent later.',
    'signed-out' => 'You are signed out. What waits here stays here, and is sent once you are signed in.',
    'sign-in' => 'Sign in',
    'unsafe' => 'This page came without encryption (http), so the browser will not open it without a signal. What '
        .'you save is kept in this browser; keep the page open in the shop, or open it over https.',
    'not-kept' => 'This browser keeps nothing. What you save is kept in this page only: leave it open until it is '
        .'sent.',
];
