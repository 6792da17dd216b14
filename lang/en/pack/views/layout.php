<?php

declare(strict_types=1);

return [
    'name-measures-mm' => ':name, :measures mm',
];
