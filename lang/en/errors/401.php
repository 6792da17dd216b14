<?php

declare(strict_types=1);

return [
    'please-sign-in' => 'Please sign in',
    'this-page-is-for-members' => 'This page is for members of a crew. Sign in, and you are taken to it.',
];
