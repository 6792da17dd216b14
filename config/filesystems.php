<?php

declare(strict_types=1);

return [

    'disks' => [

        // Nothing is served from storage.
        'local' => ['driver' => 'local', 'root' => storage_path('app'), 'serve' => false],

    ],

];
