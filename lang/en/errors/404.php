<?php

declare(strict_types=1);

return [
    'nothing-here' => 'Nothing here',
    'this-page-is-not-there' => 'This page is not there, or not for your crew. Perhaps it was moved or deleted.',
];
