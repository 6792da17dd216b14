<?php

declare(strict_types=1);

return [
    'stations-of-the-year' => 'Stations of the year',
    'find-a-box-or-a' => 'Find a box or a piece',
    'find-a-box-or-a-2' => 'Find a box or a piece  /',
    'find' => 'Find',
    'hand-in-is' => 'Hand-in is',
    'open' => 'open',
    'everywhere-until-day' => ', everywhere until :day',
    'to-hand-in-at-place' => 'to hand-in at :place',
    'sign-in' => 'Sign in',
    'gather' => 'Gather',
    'plan' => 'Plan',
    'pack' => 'Pack',
    'send' => 'Send',
];
