<?php

declare(strict_types=1);

return [
    'put-it-in-the-box' => 'Put it in the box',
];
