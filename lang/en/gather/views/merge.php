<?php

declare(strict_types=1);

return [
    'merge-two-purchases' => 'Merge two purchases',
    'merge-name-with-name2' => 'Merge “:name” with “:name2”',
    'their-pieces-their-money-and' => 'Their pieces, their money and their tags add up. In this they differ; which '
        .'shall the one have?',
    'merge-them' => 'Merge them',
    'cancel' => 'Cancel',
];
