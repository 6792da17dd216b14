<?php

declare(strict_types=1);

return [
    'pick-from-stash-here' => 'Pick from stash (:here)',
    'to-buy' => 'To buy',
];
