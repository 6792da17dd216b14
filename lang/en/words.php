<?php

declare(strict_types=1);

return [

    // What several names are put together with.
    'and' => ':names and :last',

];
