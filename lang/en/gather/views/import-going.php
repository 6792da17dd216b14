<?php

declare(strict_types=1);

return [
    'importing' => 'Importing',
    'shown-of-shown2-rows' => ':shown of :shown2 rows',
    'go-on' => 'Go on',
];
