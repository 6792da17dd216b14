<?php

declare(strict_types=1);

return [
    'drawers' => 'Drawers',
    'here-on-hand-here2-set' => ':here on hand, :here2 set aside',
];
