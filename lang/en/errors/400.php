<?php

declare(strict_types=1);

return [
    'that-could-not-be-read' => 'That could not be read',
    'what-was-sent-holds-no-text' => 'What was sent holds characters that are not text. Go back, type it again and '
        .'send it once more.',
];
