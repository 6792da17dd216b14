<?php

declare(strict_types=1);

return [
    'nothing-asked-for-nothing-in' => 'Nothing asked for, nothing in it.',
    'filled-of-asked' => ':filled of :asked',
];
