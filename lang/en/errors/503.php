<?php

declare(strict_types=1);

return [
    'back-in-a-moment' => 'Back in a moment',
    'the-table-is-being-tidied' => 'The table is being tidied. Try again in a minute.',
];
