<?php

declare(strict_types=1);

return [
    'someone-was-quicker' => 'Someone was quicker',
    'someone-else-changed-this-at' => 'Someone else changed this at the same moment. Go back, load the page again, and '
        .'see how it is now.',
];
