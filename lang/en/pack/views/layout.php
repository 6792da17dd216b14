<?php

declare(strict_types=1);

return [
    'name-measures' => ':name, :measures',
];
