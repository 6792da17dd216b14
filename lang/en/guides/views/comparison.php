<?php

declare(strict_types=1);

return [
    'filled-of-asked-must-haves' => ':filled of :asked must-haves of :drive, for',
    'the-band-nearest-to-its' => '(the age group nearest to its own)',
    'nothing-changes-for-this-box' => 'Nothing changes for this box.',
    'missing-then' => 'Missing then',
    'no-longer-asked-for' => 'No longer asked for',
    'flags-that-appear' => 'Flags that appear',
    'flags-that-go' => 'Flags that go',
];
