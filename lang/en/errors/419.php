<?php

declare(strict_types=1);

return [
    'the-page-lay-open-too' => 'The page lay open too long',
    'for-safety-a-page-can' => 'For safety a page can only be sent for some hours. Go back, load it again and send it '
        .'once more; what was saved is safe.',
];
