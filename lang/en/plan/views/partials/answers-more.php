<?php

declare(strict_types=1);

return [
    'measures-mm' => ':measures mm',
];
